import { readFileSync, truncateSync } from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import sharp from 'sharp'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { photoNames } from '../../server/db/photoFiles'
import type { Running } from '../server'
import { call, startBuilt, browse } from '../server'
import { newEntry, oilBody, openShop } from './shop'

let server: Running
beforeAll(async () => {
  server = await startBuilt()
})
afterAll(() => server.stop())

describe('what is not there, and what is not allowed', () => {
  it('an address that is no route answers 404 in words, never the page', async () => {
    for (const [path, method] of [
      ['/api/nothing', 'GET'],
      ['/api/jobs/x/y/z', 'GET'],
      ['/api/nothing', 'POST'],
      ['/api', 'GET'],
    ] as const) {
      const answer = await browse(server.url + path, { method })
      expect([path, answer.status], path).toEqual([path, 404])
      expect(answer.headers.get('content-type')).toContain('json')
      expect(((await answer.json()) as { detail: string }).detail).toContain('There is no')
    }
    expect((await browse(`${server.url}/machines`)).status).toBe(200)
  })
  it('a method that a path does not have answers 405 and says which it has; every fault has one shape', async () => {
    const { jobId } = await openShop(server.url)
    const faults = await Promise.all([
      browse(`${server.url}/api/jobs`, { method: 'DELETE' }),
      browse(`${server.url}/api/jobs/${jobId}`, { method: 'PUT' }),
      browse(`${server.url}/api/jobs/none`),
      browse(`${server.url}/api/%E0%A4%A`),
      browse(`${server.url}/api/jobs`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: '{',
      }),
      browse(`${server.url}/api/shop/people`, { method: 'POST', headers: { origin: 'http://elsewhere.example' } }),
    ])
    expect(faults.map(f => f.status)).toEqual([405, 405, 404, 404, 422, 403])
    expect(faults.slice(0, 2).map(f => f.headers.get('allow'))).toEqual(['GET, POST', 'GET'])
    for (const fault of faults) {
      expect(fault.headers.get('content-type')).toContain('application/problem+json')
      const body = (await fault.json()) as Record<string, unknown>
      expect(body).toMatchObject({ type: 'about:blank', status: fault.status, fields: expect.any(Array) })
      expect([typeof body.title, (body.detail as string).length > 12]).toEqual(['string', true])
    }
  })
  it('no oil goes in and nothing goes out by the side door while there was fuel in the oil', async () => {
    const { by, jobId, log } = await openShop(server.url)
    await log(newEntry(by, 'oil', { ...oilBody(), smell: 'petrol' }))
    for (const [kind, body] of [
      ['oil_change', { amount: null, oil: 'SAE 30', filter: false, atHours: null }],
      ['fitted', { what: 'Oil, SAE 30', batch: null, from: null, origin: 'other' }],
      ['fluid', { action: 'filled', amount: { value: 0.5, unit: 'L' }, what: null }],
      ['hand_back', { to: 'Nell', words: null }],
    ] as const) {
      const answer = await log(newEntry(by, kind, body, { how: null }))
      expect([kind, answer.status], kind).toEqual([kind, 409])
    }
    expect((await call(`${server.url}/api/jobs/${jobId}/entries`)).body).toHaveLength(2)
  })
  it('a record with a word of 20,000 letters is printed, and its letters are all there', async () => {
    const { by, jobId, log } = await openShop(server.url)
    await log(newEntry(by, 'note', { stage: 'first_look', text: 'x'.repeat(20000) }, { how: null }))
    const paper = await browse(`${server.url}/api/jobs/${jobId}/record.pdf`)
    expect(paper.headers.get('content-type')).toBe('application/pdf')
    const bytes = Buffer.from(await paper.arrayBuffer())
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
    expect(bytes.length).toBeGreaterThan(readFileSync('public/icon.svg').length)
  })
  it('a log of 5,000 entries is judged and printed, and an empty picture costs its place on the paper, not the paper', async () => {
    const { by, jobId } = await openShop(server.url)
    const bytes = await sharp({ create: { width: 90, height: 40, channels: 3, background: '#864' } })
      .jpeg()
      .toBuffer()
    const photoId = ulid()
    const url = `${server.url}/api/jobs/${jobId}`
    await browse(`${url}/photos?id=${photoId}`, {
      method: 'POST',
      headers: { 'content-type': 'image/jpeg' },
      body: new Uint8Array(bytes),
    })
    const shown = { photoId, caption: 'Oil on the stick', width: 90, height: 40 }
    expect((await call(`${url}/entries`, 'POST', newEntry(by, 'photo', shown, { how: null }))).status).toBe(201)
    for (const name of photoNames(server.data)) truncateSync(join(server.data, 'photos', name))
    const db = new Database(join(server.data, 'remedium.db'), { timeout: 10_000 })
    const add = db.prepare(
      "INSERT INTO entries (id, job_id, kind, at, by, how, body, supersedes, recorded_at) VALUES (?, ?, 'note', ?, ?, NULL, ?, NULL, ?)",
    )
    const at = '2026-05-04T09:00:00.000Z'
    db.transaction(() => {
      for (let n = 0; n < 5000; n++)
        add.run(ulid(), jobId, at, by, JSON.stringify({ stage: 'build', text: `Step ${n}: looked at` }), at)
    })()
    db.close()
    expect((await call(`${url}/assessment`)).status).toBe(200)
    const paper = await browse(`${url}/record.pdf`)
    expect([paper.status, paper.headers.get('content-type')]).toEqual([200, 'application/pdf'])
    expect((await paper.arrayBuffer()).byteLength).toBeGreaterThan(100_000)
    // meanwhile and after it the others go on
    expect((await call(`${server.url}/api/jobs`)).status).toBe(200)
  }, 60_000)
})
