import { spawnSync } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { ulid } from 'ulid'
import { describe, expect, it } from 'vitest'
import { findLitestream, startServer } from '../../scripts/lib.mjs'
import { replicaDatabase } from '../../server/backup/replica'
import { restoreReplica } from '../../server/backup/restoreReplica'
import { browserAt, call, firstPerson, freePort, knownAs, newFolder, browse, startBuilt } from '../server'
import { newEntry, oilBody, openShop } from './shop'

const start = async (data: string, replica: string) => {
  const server = await startServer({ port: await freePort(), host: '127.0.0.1', data, replica }, { quiet: true })
  const pid = server.child.pid as number
  knownAs(server.url, data)
  browserAt(server.url).first ||= server.firstCode()
  return {
    ...server,
    kill: async () => {
      process.kill(-pid, 'SIGKILL')
      await server.ended
    },
  }
}

describe('a copy that follows', () => {
  it('holds all that was acknowledged two seconds before everything was killed and the folder lost', async () => {
    const home = newFolder()
    const [data, replica] = [join(home, 'shop'), join(home, 'replica')]
    mkdirSync(data)
    const acknowledged: { id: string; at: number }[] = []
    const photos: { id: string; at: number }[] = []
    let killedAt = 0
    let shop: { by: string; jobId: string } | undefined
    // killed twice in the middle of writing; the second time the folder is gone as well
    for (const round of [1, 2]) {
      const server = await start(data, replica)
      shop ??= await openShop(server.url)
      const { by, jobId } = shop
      const bytes = await sharp({ create: { width: 90, height: 40 + round, channels: 3, background: '#864' } })
        .jpeg()
        .toBuffer()
      const id = ulid()
      const put = await browse(`${server.url}/api/jobs/${jobId}/photos?id=${id}`, {
        method: 'POST',
        headers: { 'content-type': 'image/jpeg' },
        body: new Uint8Array(bytes),
      })
      if (put.status === 201) photos.push({ id, at: Date.now() })
      const until = Date.now() + 3500 + Math.random() * 1500
      while (Date.now() < until) {
        const entry = newEntry(by, 'oil', oilBody(300 + (acknowledged.length % 500)))
        const answer = await call(`${server.url}/api/jobs/${jobId}/entries`, 'POST', entry).catch(() => null)
        if (answer?.status === 201) acknowledged.push({ id: entry.id, at: Date.now() })
      }
      killedAt = Date.now()
      await server.kill()
    }
    expect(acknowledged.length).toBeGreaterThan(100)
    rmSync(data, { recursive: true })
    const to = join(home, 'restored')
    const found = await restoreReplica(findLitestream(), replica, to, true)
    expect(found).toMatchObject({ jobs: 1, photos: 2, missing: [] })
    const again = await startBuilt(to)
    // on another computer no device is known: whoever restored it comes in by the link that is printed
    await firstPerson(again.url, 'Ada Quill', 'AQ')
    const entries = (await call(`${again.url}/api/jobs/${shop?.jobId}/entries`)).body as { id: string }[]
    const stored = new Set(entries.map(e => e.id))
    const lost = acknowledged.filter(a => !stored.has(a.id))
    expect(lost.filter(a => a.at < killedAt - 2000)).toEqual([])
    for (const photo of photos) expect((await browse(`${again.url}/api/photos/${photo.id}`)).status).toBe(200)
    await again.stop()
  }, 90_000)

  it('says which pictures are still on their way, and a replica that is none is refused in words', async () => {
    const home = newFolder()
    const [data, replica] = [join(home, 'shop'), join(home, 'replica')]
    mkdirSync(data)
    const server = await start(data, replica)
    const { jobId } = await openShop(server.url)
    // a file where the folder of the pictures should be: nothing can be copied there
    writeFileSync(join(replica, 'photos'), 'in the way')
    const bytes = await sharp({ create: { width: 90, height: 40, channels: 3, background: '#468' } })
      .jpeg()
      .toBuffer()
    await browse(`${server.url}/api/jobs/${jobId}/photos?id=${ulid()}`, {
      method: 'POST',
      headers: { 'content-type': 'image/jpeg' },
      body: new Uint8Array(bytes),
    })
    const waiting = async () => (await call(`${server.url}/api/shop/backups`)).body.replica.waiting as unknown[]
    await expect.poll(waiting, { timeout: 10_000 }).toHaveLength(2)
    rmSync(join(replica, 'photos'))
    await expect.poll(waiting, { timeout: 10_000 }).toHaveLength(0)
    await server.kill()
    rmSync(replicaDatabase(replica), { recursive: true })
    await expect(restoreReplica(findLitestream(), replica, join(home, 'to'), false)).rejects.toThrow(
      'could not restore',
    )
  }, 60_000)

  it('is asked for by an option that says what it needs', () => {
    const { status, stderr } = spawnSync(process.execPath, ['scripts/start.mjs', '--replica'], { encoding: 'utf8' })
    expect([status, stderr]).toEqual([1, expect.stringContaining('--replica needs a value')])
  })
})
