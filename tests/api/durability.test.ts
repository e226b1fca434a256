import { spawnSync } from 'node:child_process'
import { chmodSync, existsSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import sharp from 'sharp'
import { ulid } from 'ulid'
import { describe, expect, it } from 'vitest'
import { call, freePort, newFolder, startBuilt, browse } from '../server'
import { newEntry, oilBody, openShop } from './shop'

/** `npm run soak` writes forty times as many. */
const WRITES = Number(process.env.SOAK_WRITES ?? 500)

const started = (data: string, args: string[] = []) =>
  spawnSync(process.execPath, ['scripts/start.mjs', '--data', data, ...args], {
    encoding: 'utf8',
    timeout: 60_000,
    env: { ...process.env, PORT: '' },
  })

describe('what was acknowledged is on disk', () => {
  it(
    'survives SIGKILL in the middle of a burst of writes, pictures among them, again and again',
    async () => {
      const data = newFolder()
      const acknowledged: string[] = []
      const photos = new Map<string, number>()
      let shop: { by: string; jobId: string } | undefined
      while (acknowledged.length < WRITES) {
        const server = await startBuilt(data)
        shop ??= await openShop(server.url)
        const { by, jobId } = shop
        const stopAt = acknowledged.length + 150 + Math.floor(Math.random() * 200)
        let killed = false
        const entries = Array.from({ length: 8 }, async () => {
          while (!killed) {
            const entry = newEntry(by, 'oil', oilBody(300 + (acknowledged.length % 500)))
            const answer = await call(`${server.url}/api/jobs/${jobId}/entries`, 'POST', entry).catch(() => null)
            if (answer?.status === 201) acknowledged.push(entry.id)
            else if (!answer) return
            if (acknowledged.length >= stopAt && !killed) {
              killed = true
              server.child.kill('SIGKILL')
            }
          }
        })
        const pictures = (async () => {
          for (let n = 0; !killed; n++) {
            const bytes = await sharp({ create: { width: 60 + (n % 40), height: 40, channels: 3, background: '#864' } })
              .jpeg()
              .toBuffer()
            const id = ulid()
            const put = await browse(`${server.url}/api/jobs/${jobId}/photos?id=${id}`, {
              method: 'POST',
              headers: { 'content-type': 'image/jpeg' },
              body: new Uint8Array(bytes),
            }).catch(() => null)
            if (put?.status === 201) photos.set(id, ((await put.json().catch(() => ({}))) as { bytes: number }).bytes)
          }
        })()
        await Promise.all([...entries, pictures])
      }
      const again = await startBuilt(data)
      const stored = new Set(
        (await call(`${again.url}/api/jobs/${shop?.jobId}/entries`)).body.map((e: { id: string }) => e.id),
      )
      expect(acknowledged.filter(id => !stored.has(id))).toEqual([])
      expect(photos.size).toBeGreaterThan(0)
      for (const [id, bytes] of photos)
        expect((await (await browse(`${again.url}/api/photos/${id}`)).arrayBuffer()).byteLength).toBe(bytes)
      expect(await again.stop()).toBe(0)
      const db = new Database(join(data, 'remedium.db'), { readonly: true })
      expect(db.pragma('integrity_check', { simple: true })).toBe('ok')
      db.close()
    },
    WRITES * 60 + 60_000,
  )

  it('stops cleanly on SIGTERM and SIGINT with everything in the one file', async () => {
    for (const signal of ['SIGTERM', 'SIGINT'] as const) {
      const server = await startBuilt()
      const { by, log } = await openShop(server.url)
      await log(newEntry(by, 'oil', oilBody()))
      expect(await server.stop(signal)).toBe(0)
      const wal = join(server.data, 'remedium.db-wal')
      expect(existsSync(wal) ? statSync(wal).size : 0).toBe(0)
      const db = new Database(join(server.data, 'remedium.db'), { readonly: true })
      expect(db.prepare('SELECT COUNT(*) FROM entries').pluck().get()).toBe(2)
      db.close()
    }
  })

  it('listens on this machine only, unless told otherwise', async () => {
    const server = await startBuilt(undefined, { HOST: '' })
    const outside = await fetch(server.url.replace('127.0.0.1', '127.0.0.2')).then(
      () => 'answered',
      () => 'refused',
    )
    expect(outside).toBe('refused')
    await server.stop()
  })
})

describe('fuel in the oil', () => {
  it('refuses the refill until the stand test has passed, across a restart', async () => {
    const server = await startBuilt()
    const { by, jobId, log } = await openShop(server.url)
    const fill = () =>
      newEntry(by, 'fluid', { action: 'filled', amount: { value: 500, unit: 'mL' }, what: 'fresh oil' })
    expect((await log(newEntry(by, 'oil', { ...oilBody(690), smell: 'petrol' }))).status).toBe(201)
    expect(await log(fill())).toMatchObject({ status: 409, body: { detail: expect.stringContaining('cure the way') } })
    await log(newEntry(by, 'cure', { path: 'needle', text: 'new needle and seat' }, { how: null }))
    const startedAt = new Date(Date.now() - 13 * 3_600_000).toISOString()
    const test = newEntry(by, 'stand_test', { startedAt, endedAt: null, seen: null, minimumHours: 12 }, { how: null })
    expect((await log(test)).status).toBe(201)
    expect((await log(fill())).body.detail).toContain('still running')
    await server.stop()

    const again = await startBuilt(server.data)
    const logAgain = (entry: unknown) => call(`${again.url}/api/jobs/${jobId}/entries`, 'POST', entry)
    expect((await call(`${again.url}/api/jobs/${jobId}/assessment`)).body.fuel).toMatchObject({
      step: 'stand',
      stand: { startedAt, state: 'running' },
    })
    expect((await logAgain(fill())).status).toBe(409)
    const ended = newEntry(
      by,
      'stand_test',
      { startedAt, endedAt: new Date().toISOString(), seen: null, minimumHours: 12 },
      { how: 'by_eye', supersedes: test.id },
    )
    expect((await logAgain(ended)).body.fields[0].message).toContain('what was seen on the paper')
    expect((await logAgain({ ...ended, body: { ...ended.body, seen: 'none' } })).status).toBe(201)
    expect((await logAgain(fill())).status).toBe(201)
    expect((await call(`${again.url}/api/jobs/${jobId}/assessment`)).body.fuel.step).toBe('smell')
    await again.stop()
  })
})

describe('what can be wrong with the place', () => {
  it('a database from a newer version is left alone', async () => {
    const server = await startBuilt()
    await server.stop()
    const file = join(server.data, 'remedium.db')
    const db = new Database(file)
    db.prepare("INSERT INTO schema_migrations VALUES ('999_later.sql', '2030-01-01')").run()
    db.pragma('wal_checkpoint(TRUNCATE)')
    db.close()
    const { status, stderr } = started(server.data, ['--port', String(await freePort())])
    expect(status).toBe(1)
    expect(stderr).toContain('last used by a newer Remedium (999_later.sql)')
    expect(stderr).not.toContain('    at ')
  })

  it('a file that is no database is left alone', async () => {
    const data = newFolder()
    writeFileSync(
      join(data, 'remedium.db'),
      'not a database, but a shopping list, and quite a long one at that'.repeat(50),
    )
    const { status, stderr } = started(data, ['--port', String(await freePort())])
    expect(status).toBe(1)
    expect(stderr).toContain('is not a sound database')
  })

  it("a folder that can't be written, a port in use and a wrong option are said in words", async () => {
    // a file where the folder should be stops root as well, whom a folder's permissions do not
    const blocked = join(newFolder(), 'taken')
    writeFileSync(blocked, '')
    chmodSync(blocked, 0o444)
    expect(started(join(blocked, 'shop')).stderr).toContain("can't write to the data folder")

    const holder = createServer()
    const port = await freePort()
    await new Promise<void>(done => holder.listen(port, '127.0.0.1', done))
    const taken = started(newFolder(), ['--port', String(port)])
    holder.close()
    expect(taken).toMatchObject({ status: 1, stderr: expect.stringContaining(`port ${port} on 127.0.0.1 is in use`) })
    expect(started(newFolder(), ['--prot', '1']).stderr).toContain("I don't know --prot")
    expect(started(newFolder(), ['--port', 'x']).stderr).toContain('must be a whole number')
  })
})

describe('the command line', () => {
  const calc = (args: string[], input: string) =>
    spawnSync('node', ['scripts/calc.mjs', ...args], { input, encoding: 'utf8' })
  it('answers one calculation, and exits 2 on bad input', () => {
    expect(JSON.parse(calc(['oil_adjust'], '{"volume_now_ml": 880, "target_ml": 550}').stdout)).toEqual({
      action: 'drain',
      amount_ml: 330,
    })
    const wrong = calc(['oil_adjust'], '{"volume_now_ml": 880}')
    expect(wrong.status).toBe(2)
    expect(JSON.parse(wrong.stdout)).toMatchObject({ error: 'missing', field: 'target_ml' })
    expect(calc(['no_such_thing'], '{}').status).toBe(2)
    expect(calc(['pert'], '{').status).toBe(2)
  })

  it('answers thousands of lines in one go, a bad one among them', () => {
    const lines = Array.from({ length: 5000 }, (_, i) =>
      i === 2500 ? 'rubbish' : JSON.stringify({ fn: 'oil_adjust', inputs: { volume_now_ml: i, target_ml: 0 } }),
    )
    const { stdout, status } = calc(['--lines'], `${lines.join('\n')}\n`)
    const answers = stdout
      .trim()
      .split('\n')
      .map(l => JSON.parse(l) as Record<string, unknown>)
    expect(status).toBe(0)
    expect(answers).toHaveLength(5000)
    expect(answers[4999]).toEqual({ action: 'drain', amount_ml: 4999 })
    expect(answers[2500]).toMatchObject({ error: 'not_a_number', field: 'line' })
  })
})
