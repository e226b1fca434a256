import {
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { join } from 'node:path'
import type { Database } from 'better-sqlite3'
import sharp from 'sharp'
import { create, extract } from 'tar'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import migrations from '#migrations'
import { newJobSchema } from '#shared/schemas/machines'
import { nightlyDue, tooOld } from '../../../server/backup/due'
import { backupsIn, failureIn, newestIn, noteFailure } from '../../../server/backup/list'
import { makeBackup, prune } from '../../../server/backup/make'
import { backupName, isBackupName } from '../../../server/backup/manifest'
import { holdsWords, manifestIn, restore } from '../../../server/backup/restore'
import { bookIn } from '../../../server/db/jobs'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import { hashOf } from '../../../server/db/hash'
import { findPhoto, keepPhoto, photoName, photoNames } from '../../../server/db/photoFiles'
import { addPhoto, knownPhoto, tidyPhotos } from '../../../server/db/photos'
import { addPerson, policyOf, savePolicy } from '../../../server/db/shop'
import { run } from '../../../server/db/statements'
import { newFolder } from '../../server'
import { newJob } from '../../api/shop'

const picture = (background = '#886644', width = 60): Promise<Buffer> =>
  sharp({ create: { width, height: 40, channels: 3, background } })
    .jpeg()
    .toBuffer()

let data: string
let folder: string
let db: Database
let jobId: string
beforeEach(() => {
  data = newFolder()
  folder = join(data, 'backups')
  db = openDatabase(data, migrations)
  const by = addPerson(db, { name: 'Ada Quill', initials: 'AQ', active: true }).id
  const job = newJob(by)
  bookIn(db, newJobSchema.parse(job))
  savePolicy(db, { ...policyOf(db), shopName: 'Heron Lane Repairs' })
  jobId = job.id
})
afterEach(() => closeDatabase(db))

async function photo(bytes: Buffer): Promise<{ id: string; sha256: string }> {
  const id = ulid()
  const kept = await keepPhoto(data, bytes)
  addPhoto(db, { id, jobId, ...kept, sentSha256: hashOf(bytes) })
  return { id, sha256: kept.sha256 }
}
const backUp = (now?: Date) => makeBackup({ dataDir: data, folder, reason: 'asked', keep: 14, ...(now && { now }) })

describe('a picture in the store', () => {
  it('is one file however often it is sent, and never another one', async () => {
    const bytes = await picture()
    const [first, second, other] = [await photo(bytes), await photo(bytes), await photo(await picture('#224466'))]
    expect(first.sha256).toBe(second.sha256)
    expect(other.sha256).not.toBe(first.sha256)
    expect(photoNames(data)).toHaveLength(4)
    expect(hashOf(findPhoto(data, first, 'full') as Buffer)).toBe(first.sha256)
  })
  it('that was drawn, or has more pixels than memory bears, is refused', async () => {
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')
    await expect(keepPhoto(data, svg)).rejects.toThrow('not a picture that can be read')
    const wide = await sharp({ create: { width: 9000, height: 5000, channels: 3, background: '#fff' } })
      .png()
      .toBuffer()
    await expect(keepPhoto(data, wide)).rejects.toThrow('45 million pixels')
    expect(photoNames(data)).toEqual([])
  })
  it('from before gets the name of its hash; what nothing on record names goes a day after it came', async () => {
    const bytes = await picture()
    const id = ulid()
    mkdirSync(join(data, 'photos'))
    for (const size of ['full', 'small'] as const)
      writeFileSync(join(data, 'photos', photoName({ id, sha256: null }, size)), bytes)
    addPhoto(db, { id, jobId, width: 60, height: 40, bytes: bytes.length, sha256: null, sentSha256: null })
    writeFileSync(join(data, 'photos', 'cut-off.jpg.part'), 'half')
    expect(tidyPhotos(db, data)).toEqual([])
    const kept = knownPhoto(db, id)
    expect(kept?.sha256).toBe(hashOf(bytes))
    expect(findPhoto(data, kept as never, 'full')?.equals(bytes)).toBe(true)
    const tomorrow = Date.now() + 25 * 3_600_000
    expect(tidyPhotos(db, data, tomorrow).sort()).toEqual([`${id}-small.jpg`, `${id}.jpg`, 'cut-off.jpg.part'].sort())
    expect(findPhoto(data, kept as never, 'small')?.equals(bytes)).toBe(true)
  })
  it('whose file is empty is gone, not a picture', async () => {
    const kept = await photo(await picture())
    truncateSync(join(data, 'photos', photoName(kept, 'full')), 0)
    expect(findPhoto(data, kept, 'full')).toBeNull()
  })
})

describe('a backup', () => {
  it('holds everything up to the moment, whole, and is restored into an empty folder after a dry run', async () => {
    const kept = await photo(await picture())
    const line = await backUp()
    expect(line).toMatchObject({ jobs: 1, entries: 1, photos: 1, shopName: 'Heron Lane Repairs', missing: [] })
    run(db, 'DELETE FROM photos')
    const archive = join(folder, line.name)
    const to = join(newFolder(), 'shop')
    const manifest = await restore(archive, to, false)
    expect(existsSync(to)).toBe(false)
    expect(holdsWords(manifest).join('\n')).toContain('1 jobs, 1 entries, 1 photos')
    await restore(archive, to, true)
    expect(readdirSync(to).sort()).toEqual(['photos', 'remedium.db'])
    const again = openDatabase(to, migrations)
    expect(again.prepare('SELECT COUNT(*) FROM photos').pluck().get()).toBe(1)
    closeDatabase(again)
    expect(hashOf(findPhoto(to, kept, 'full') as Buffer)).toBe(kept.sha256)
    await expect(restore(archive, to, true)).rejects.toThrow('is not empty')
  })
  it('says which pictures were gone or spoilt when it was made', async () => {
    const [gone, spoilt] = [await photo(await picture()), await photo(await picture('#123456'))]
    rmSync(join(data, 'photos', photoName(gone, 'full')))
    writeFileSync(join(data, 'photos', photoName(spoilt, 'full')), 'x')
    const { missing } = await backUp()
    expect(missing.map(m => m.slice(-68))).toEqual([`${gone.sha256}.jpg`, `${spoilt.sha256}.jpg`])
  })
  it('of a damaged database is not kept, and neither is what stood half made', async () => {
    const big = Array.from({ length: 400 }, () => ulid())
    for (const id of big)
      run(
        db,
        'INSERT INTO customers (id, name, created_at, updated_at) VALUES (?, ?, ?, ?)',
        id,
        'x'.repeat(900),
        '',
        '',
      )
    db.pragma('wal_checkpoint(TRUNCATE)')
    const file = join(data, 'remedium.db')
    const bytes = readFileSync(file)
    bytes.fill(0x5a, bytes.length - 60_000, bytes.length - 20_000)
    closeDatabase(db)
    writeFileSync(file, bytes)
    await expect(backUp()).rejects.toThrow(/not sound|malformed/)
    expect(readdirSync(folder)).toEqual([])
    db = openDatabase(newFolder(), migrations)
  })
  it('that was changed, cut off or is something else is not restored, and says why', async () => {
    const { name } = await backUp()
    const archive = join(folder, name)
    const open = newFolder()
    await extract({ file: archive, cwd: open })
    writeFileSync(join(open, 'remedium.db'), readFileSync(join(open, 'remedium.db')).fill(0x77, 5000, 5010))
    await create({ cwd: open, file: join(open, 'a.tar.gz'), gzip: true }, ['manifest.json', 'remedium.db'])
    const to = join(newFolder(), 'shop')
    await expect(restore(join(open, 'a.tar.gz'), to, true)).rejects.toThrow('remedium.db is not as it was')
    await create({ cwd: open, file: join(open, 'b.tar.gz'), gzip: true }, ['remedium.db'])
    await expect(manifestIn(join(open, 'b.tar.gz'))).rejects.toThrow('no manifest.json')
    truncateSync(archive, 3000)
    await expect(restore(archive, to, true)).rejects.toThrow(/can't be read as an archive|lacks/)
    await expect(manifestIn(join(open, 'none.tar.gz'))).rejects.toThrow('There is no file')
    expect(existsSync(to)).toBe(false)
    expect(existsSync(`${to}.restoring`)).toBe(false)
  })
  it('keeps as many as the shop said, the newest; those before a change of the database by themselves', async () => {
    mkdirSync(folder)
    const day = (n: number) => new Date(Date.UTC(2026, 4, n, 2)).toISOString()
    for (let n = 1; n <= 6; n++) {
      writeFileSync(join(folder, backupName(day(n), 'nightly')), 'x')
      writeFileSync(join(folder, backupName(day(n), 'migration')), 'x')
    }
    writeFileSync(join(folder, 'notes.txt'), 'mine')
    prune(folder, 2)
    const left = readdirSync(folder).sort()
    expect(left.filter(n => n.includes('nightly'))).toEqual([5, 6].map(n => backupName(day(n), 'nightly')))
    expect(left.filter(n => n.includes('migration'))).toHaveLength(3)
    expect(left).toContain('notes.txt')
    expect(backupsIn(folder)[0]?.name).toBe(backupName(day(6), 'nightly'))
    expect(isBackupName('../remedium.db')).toBe(false)
    // one before a change of the database takes none of the others away
    await makeBackup({ dataDir: data, folder, reason: 'migration' })
    expect(readdirSync(folder).filter(n => n.endsWith('nightly.tar.gz'))).toHaveLength(2)
    expect(newestIn(folder)?.reason).toBe('migration')
    expect(newestIn(folder, ['asked', 'nightly'])?.name).toBe(backupName(day(6), 'nightly'))
    noteFailure(folder, { at: day(1), why: 'no room' })
    expect(failureIn(folder)?.why).toBe('no room')
    noteFailure(folder, null)
    expect(failureIn(folder)).toBeNull()
  })
  it('is due each night by the clock of the shop, and made up for when the computer was off', () => {
    const due = (last: string | null, now: string, zone = 'Europe/Lisbon') =>
      nightlyDue(last, new Date(now), '02:00', zone)
    expect(due(null, '2026-05-04T12:00:00Z')).toBe(true)
    // 02:00 in Lisbon is 01:00 UTC in summer
    expect(due('2026-05-04T00:30:00Z', '2026-05-04T00:59:00Z')).toBe(false)
    expect(due('2026-05-04T00:30:00Z', '2026-05-04T01:00:00Z')).toBe(true)
    expect(due('2026-05-04T01:00:00Z', '2026-05-04T23:00:00Z')).toBe(false)
    expect(due('2026-05-01T01:00:00Z', '2026-05-04T08:00:00Z')).toBe(true)
    // in winter it is 02:00 UTC
    expect(due('2026-12-04T02:30:00Z', '2026-12-05T01:30:00Z')).toBe(false)
    expect(due('2026-12-04T02:30:00Z', '2026-12-05T02:00:00Z')).toBe(true)
    expect(due('2026-05-04T01:00:00Z', '2026-05-04T13:00:00Z', 'Pacific/Auckland')).toBe(false)
    expect(due('2026-05-04T01:00:00Z', '2026-05-04T14:00:00Z', 'Pacific/Auckland')).toBe(true)
    expect(tooOld('2026-05-01T01:00:00Z', new Date('2026-05-03T00:00:00Z'))).toBe(false)
    expect(tooOld('2026-05-01T01:00:00Z', new Date('2026-05-03T01:00:01Z'))).toBe(true)
  })
})

describe('before a change of the database', () => {
  it('a backup is asked for where there is something to lose, and nothing is changed when it fails', () => {
    const asked: string[][] = []
    const next = [...migrations, { name: '900_next.sql', sql: 'CREATE TABLE next_one (a)' }]
    closeDatabase(openDatabase(newFolder(), next, names => asked.push(names)))
    expect(asked).toEqual([])
    closeDatabase(db)
    expect(() =>
      openDatabase(data, next, () => {
        throw new Error('no room')
      }),
    ).toThrow('no room')
    db = openDatabase(data, next, names => asked.push(names))
    expect(asked).toEqual([['900_next.sql']])
    expect(db.prepare('SELECT COUNT(*) FROM next_one').pluck().get()).toBe(0)
  })
  it('a file without a word in it beside pictures is no new shop', async () => {
    await photo(await picture())
    closeDatabase(db)
    const file = join(data, 'remedium.db')
    for (const left of ['', '-wal', '-shm']) rmSync(`${file}${left}`, { force: true })
    expect(() => openDatabase(data, migrations)).toThrow('is gone, but the shop')
    writeFileSync(file, '')
    expect(() => openDatabase(data, migrations)).toThrow('is empty, but the shop')
    utimesSync(file, 0, 0)
    db = openDatabase(newFolder(), migrations)
  })
})
