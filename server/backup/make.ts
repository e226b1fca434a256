import { createHash } from 'node:crypto'
import {
  closeSync,
  copyFileSync,
  createReadStream,
  existsSync,
  fsyncSync,
  linkSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join } from 'node:path'
import Database from 'better-sqlite3'
import { create, list } from 'tar'
import type { BackupReason } from '#shared/backups'
import { connect } from '../db/connect'
import { DATABASE_NAME } from '../db/name'
import { photoName, photosFolder, syncFolder } from '../db/photoFiles'
import { DISK } from '../db/storage'
import type { Contents } from './contents'
import { contentsOf, soundness } from './contents'
import type { BackupLine, Manifest } from './manifest'
import { backupName, isBackupName, reasonOf } from './manifest'

export interface BackupAsked {
  dataDir: string
  folder: string
  reason: BackupReason
  /** backups kept; those before a change of the database are counted by themselves. Absent: all of the others stay */
  keep?: number
  now?: Date
}

/** What could not be done, in words for the shop. */
export class BackupError extends Error {}

const MB = 1024 * 1024
/** A piece of a file in memory; the packer's own would be sixteen times that, and several lie there at once. */
const READ_AT_ONCE = MB
/** Of those made before a change of the database. */
const MIGRATION_KEPT = 3

/**
 * Copies the database as it stands (SQLite's online backup), checks the copy whole, puts every picture beside it by its hash, and packs it
 * all into one archive with a manifest. Nothing has the name of a backup that was not read back.
 * @throws BackupError in words: no room, a copy that is not sound, an archive that does not read back
 */
export async function makeBackup({
  dataDir,
  folder,
  reason,
  keep = Infinity,
  now = new Date(),
}: BackupAsked): Promise<BackupLine> {
  const madeAt = now.toISOString()
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  for (const left of readdirSync(folder))
    if (left.startsWith('.making-')) rmSync(join(folder, left), { recursive: true })
  room(dataDir, folder)
  const staging = join(folder, `.making-${now.getTime()}`)
  mkdirSync(staging, { mode: 0o700 })
  try {
    const copy = join(staging, DATABASE_NAME)
    await copyDatabase(join(dataDir, DATABASE_NAME), copy)
    const { pictures, ...holds } = look(copy)
    const { names, missing } = gather(dataDir, staging, pictures)
    const files: Manifest['files'] = []
    for (const name of [DATABASE_NAME, ...names]) {
      const path = join(staging, name)
      const sha256 = await hashOfFile(path)
      // a picture whose name is not its hash any more is spoilt: said, and kept as it is
      if (/[\\/][0-9a-f]{64}\.jpg$/.test(name) && !name.includes(sha256)) missing.push(name)
      files.push({ name, bytes: statSync(path).size, sha256 })
    }
    const manifest: Manifest = { format: 'remedium-backup', version: 1, madeAt, reason, ...holds, files, missing }
    writeFileSync(join(staging, 'manifest.json'), JSON.stringify(manifest, null, 1), { mode: 0o600 })
    const name = backupName(madeAt, reason)
    const part = join(folder, `.making-${name}`)
    await create(
      { cwd: staging, file: part, gzip: { level: 2 }, portable: true, mode: 0o600, maxReadSize: READ_AT_ONCE } as never,
      ['manifest.json', ...files.map(f => f.name)],
    )
    await readBack(part, files)
    sync(part)
    const sha256 = await hashOfFile(part)
    const { files: _files, format: _format, version: _version, migrations: _migrations, ...said } = manifest
    const line: BackupLine = { name, bytes: statSync(part).size, sha256, ...said }
    writeFileSync(join(folder, `${name}.json`), JSON.stringify(line), { mode: 0o600 })
    renameSync(part, join(folder, name))
    syncFolder(folder)
    prune(folder, keep)
    return line
  } finally {
    rmSync(staging, { recursive: true, force: true })
  }
}

function room(dataDir: string, folder: string): void {
  const free = DISK.free(folder)
  const needed = statSync(join(dataDir, DATABASE_NAME)).size * 1.5 + sizeOf(photosFolder(dataDir)) + 16 * MB
  if (free < needed)
    throw new BackupError(
      `There is no room for a backup in ${folder}: ${Math.ceil(needed / MB)} MB are needed, ${Math.floor(free / MB)} MB are free. Make room, or keep fewer backups.`,
    )
}
const sizeOf = (folder: string): number =>
  existsSync(folder)
    ? readdirSync(folder, { recursive: true, withFileTypes: true }).reduce(
        (sum, f) => sum + (f.isFile() ? statSync(join(f.parentPath, f.name)).size : 0),
        0,
      )
    : 0

async function copyDatabase(from: string, to: string): Promise<void> {
  const db = connect(from, { readonly: true })
  try {
    // all pages in one go: what is written meanwhile would begin it anew
    await db.backup(to, { progress: () => 1_000_000_000 })
  } finally {
    db.close()
  }
}

/** Checks the copy whole and says what it holds. */
function look(copy: string): Contents {
  const db = new Database(copy)
  try {
    // one file by itself: nothing of it may lie in another
    db.pragma('journal_mode = DELETE')
    const fault = soundness(db, 'integrity_check')
    if (fault)
      throw new BackupError(
        `The database is not sound (${fault}): this backup was not kept. Restore the last good one, and keep the damaged folder for whoever looks after the program.`,
      )
    return contentsOf(db)
  } finally {
    db.close()
  }
}

/** Puts the pictures beside the copy, without a second copy of them where the folder allows it. */
function gather(
  dataDir: string,
  staging: string,
  pictures: Contents['pictures'],
): { names: string[]; missing: string[] } {
  const names = new Set<string>()
  const missing: string[] = []
  for (const kept of pictures)
    for (const size of ['full', 'small'] as const) {
      const name = photoName(kept, size)
      const from = join(photosFolder(dataDir), name)
      const to = join(staging, 'photos', name)
      if (names.has(join('photos', name))) continue
      if (!existsSync(from)) {
        if (size === 'full') missing.push(join('photos', name))
        continue
      }
      mkdirSync(dirname(to), { recursive: true })
      try {
        linkSync(from, to)
      } catch {
        copyFileSync(from, to)
      }
      names.add(join('photos', name))
    }
  return { names: [...names], missing }
}

export async function hashOfFile(path: string): Promise<string> {
  const hash = createHash('sha256')
  for await (const part of createReadStream(path)) hash.update(part as Buffer)
  return hash.digest('hex')
}

/** Reads the archive as a restore would: every file is there, whole. */
async function readBack(archive: string, files: Manifest['files']): Promise<void> {
  const found = new Map<string, number>()
  await list({
    file: archive,
    maxReadSize: READ_AT_ONCE,
    onReadEntry: entry => {
      found.set(entry.path, entry.size)
      entry.resume()
    },
  })
  const bad = files.find(f => found.get(f.name.replaceAll('\\', '/')) !== f.bytes)
  if (bad) throw new BackupError(`The archive does not read back as it was written (${bad.name}): it was not kept.`)
}

function sync(path: string): void {
  const fd = openSync(path, 'r+')
  try {
    fsyncSync(fd)
  } finally {
    closeSync(fd)
  }
}

/** The newest stay; those before a change of the database are counted by themselves. */
export function prune(folder: string, keep: number): string[] {
  const names = readdirSync(folder).filter(isBackupName).sort().reverse()
  const before = names.filter(n => reasonOf(n) === 'migration')
  const others = names.filter(n => reasonOf(n) !== 'migration')
  const gone = [...others.slice(Math.max(1, keep)), ...before.slice(MIGRATION_KEPT)]
  for (const name of gone) {
    rmSync(join(folder, name), { force: true })
    rmSync(join(folder, `${name}.json`), { force: true })
  }
  return gone
}
