import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterEach, describe, expect, it } from 'vitest'
import type { Running } from '../server'
import { call, newFolder, startBuilt, browse } from '../server'
import { newEntry, oilBody, openShop } from './shop'

const servers: Running[] = []
const start = async (data?: string): Promise<Running> => {
  const server = await startBuilt(data)
  servers.push(server)
  return server
}
const mounts: string[] = []
afterEach(async () => {
  await Promise.all(servers.splice(0).map(s => s.stop()))
  for (const at of mounts.splice(0)) spawnSync('umount', ['-l', at])
})
const state = async (url: string) =>
  (await call(`${url}/api/shop/state`)).body.storage as { words: string; refuses: boolean }
/** A small disk of its own where this user may make one: otherwise the file system is stubbed, in the unit tests. */
function smallDisk(mb: number): string | null {
  const at = newFolder()
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${mb}m`, 'tmpfs', at]).status !== 0) return null
  mounts.push(at)
  return at
}

describe('the place of the data', () => {
  it('is held by one server: a second one says who holds it, and changes nothing', async () => {
    const first = await start()
    await expect(startBuilt(first.data)).rejects.toThrow(`process ${first.child.pid}`)
    await openShop(first.url)
    first.child.kill('SIGKILL')
    const again = await start(first.data)
    expect((await call(`${again.url}/api/jobs`)).body).toHaveLength(1)
  })

  it('that was moved away or swapped refuses in words what would be lost, and goes on once it is back', async () => {
    const server = await start()
    const { by, log } = await openShop(server.url)
    const away = `${server.data}-away`
    renameSync(server.data, away)
    const refused = await log(newEntry(by, 'oil', oilBody()))
    expect([refused.status, refused.body.detail]).toEqual([507, expect.stringContaining('are gone from')])
    expect((await state(server.url)).words).toContain('are gone from')
    expect((await call(`${server.url}/api/jobs`)).status).toBe(200)
    mkdirSync(server.data)
    writeFileSync(join(server.data, 'remedium.db'), 'another')
    expect((await log(newEntry(by, 'oil', oilBody()))).body.detail).toContain('Another database lies in')
    rmSync(server.data, { recursive: true })
    renameSync(away, server.data)
    expect((await log(newEntry(by, 'oil', oilBody()))).status).toBe(201)
    expect((await state(server.url)).words).toBeNull()
  })

  it('with a damaged page in the middle is found out after the start: it is said, and nothing more is taken in', async () => {
    const server = await start()
    const { by } = await openShop(server.url)
    await server.stop()
    servers.pop()
    const file = join(server.data, 'remedium.db')
    const db = new Database(file)
    const add = db.prepare("INSERT INTO customers (id, name, created_at, updated_at) VALUES (?, ?, '', '')")
    for (let i = 0; i < 800; i++) add.run(ulid(), 'x'.repeat(900))
    db.pragma('wal_checkpoint(TRUNCATE)')
    db.close()
    const bytes = readFileSync(file)
    bytes.fill(0x5a, bytes.length - 300_000, bytes.length - 200_000)
    writeFileSync(file, bytes)
    const again = await start(server.data)
    await expect
      .poll(() => state(again.url), { timeout: 15_000, interval: 300 })
      .toMatchObject({
        refuses: true,
        words: expect.stringContaining('The database is damaged'),
      })
    const refused = await call(`${again.url}/api/shop/people`, 'POST', { name: 'New', initials: 'N', active: true })
    expect([refused.status, refused.body.detail]).toEqual([
      507,
      expect.stringContaining('restore the last good backup'),
    ])
    expect((await call(`${again.url}/api/shop`)).body.people[0].id).toBe(by)
    expect((await call(`${again.url}/api/shop/backups`, 'POST', {})).status).toBe(507)
  })

  it('on a full disk takes in no half: what is refused is said, what was acknowledged is there', async ctx => {
    const at = smallDisk(24)
    if (!at) return ctx.skip()
    const server = await start(at)
    const { by, jobId, log } = await openShop(server.url)
    writeFileSync(join(at, 'filler'), Buffer.alloc(9 * 1024 * 1024))
    // looked at a few times a second; what is taken in before that is whole
    let taken = 1
    const refusedWith = async (): Promise<string> => {
      const { status, body } = await log(newEntry(by, 'oil', oilBody()))
      if (status === 201) taken++
      return `${status} ${body.detail ?? ''}`
    }
    await expect.poll(refusedWith).toMatch(/^507 .*is full/)
    expect((await call(`${server.url}/api/shop/backups`, 'POST', {})).body.detail).toContain('no room for a backup')
    expect((await call(`${server.url}/api/shop/backups`)).body.failed.why).toContain('no room for a backup')
    rmSync(join(at, 'filler'))
    await expect.poll(refusedWith).toMatch(/^201/)
    expect((await call(`${server.url}/api/jobs/${jobId}/entries`)).body).toHaveLength(taken)
  })

  it('mounted read-only under a running server refuses, and takes in again once it may', async ctx => {
    const at = smallDisk(64)
    if (!at || spawnSync('mount', ['-o', 'remount,rw', at]).status !== 0) return ctx.skip()
    const server = await start(at)
    const { by, log } = await openShop(server.url)
    // a file that is open for writing holds a remount back: the folder is laid over itself, to be read only
    if (spawnSync('mount', ['--bind', at, at]).status !== 0) return ctx.skip()
    mounts.push(at)
    spawnSync('mount', ['-o', 'remount,bind,ro', at])
    const written = async (): Promise<string> => {
      const { status, body } = await log(newEntry(by, 'oil', oilBody()))
      return `${status} ${body.detail ?? ''}`
    }
    await expect.poll(written).toMatch(/^507 .*read-only/)
    spawnSync('umount', [at])
    await expect.poll(written).toMatch(/^201/)
  })
})

describe('backups', () => {
  it('are made when asked for, listed, downloaded, and hold what was acknowledged', async () => {
    const server = await start()
    const { by, log } = await openShop(server.url)
    expect((await call(`${server.url}/api/shop/state`)).body.backup).toMatchObject({ lastAt: null, old: true })
    await log(newEntry(by, 'oil', oilBody()))
    const [made, same] = await Promise.all([
      call(`${server.url}/api/shop/backups`, 'POST', {}),
      call(`${server.url}/api/shop/backups`, 'POST', {}),
    ])
    expect(made).toMatchObject({ status: 201, body: { reason: 'asked', jobs: 1, entries: 2 } })
    expect(same.body.name).toBe(made.body.name)
    const archive = await browse(`${server.url}/api/shop/backups/${made.body.name}`)
    expect((await archive.arrayBuffer()).byteLength).toBe(made.body.bytes)
    expect((await call(`${server.url}/api/shop/state`)).body.backup).toMatchObject({ old: false, failed: null })
    for (const name of ['..%2F..%2Fremedium.db', 'remedium.db', 'remedium-20260101T000000Z-asked.tar.gz'])
      expect((await call(`${server.url}/api/shop/backups/${name}`)).status).toBe(404)
    expect(readdirSync(join(server.data, 'backups')).filter(n => n.startsWith('.'))).toEqual([])
  })

  it('are made before the database is changed for a newer version', async () => {
    const server = await start()
    await openShop(server.url)
    await server.stop()
    servers.pop()
    const db = new Database(join(server.data, 'remedium.db'))
    db.exec("DELETE FROM schema_migrations WHERE name = '010_store.sql'")
    db.exec(
      'DROP INDEX photos_by_hash; ALTER TABLE photos DROP COLUMN sha256; ALTER TABLE photos DROP COLUMN sent_sha256',
    )
    db.close()
    const again = await start(server.data)
    const { lines } = (await call(`${again.url}/api/shop/backups`)).body
    expect(lines).toMatchObject([{ reason: 'migration', jobs: 1, entries: 1 }])
    expect(existsSync(join(server.data, 'backups', lines[0].name))).toBe(true)
  })
})
