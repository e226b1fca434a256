import { spawnSync } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import Database from 'better-sqlite3'
import { DATABASE_NAME } from '../db/name'
import { photoName } from '../db/photoFiles'
import { replicaDatabase, replicaPhotos } from './replica'
import { checkEmpty, countIn, RestoreError } from './restore'

export interface FromReplica {
  jobs: number
  entries: number
  photos: number
  lastEntryAt: string | null
  /** pictures on record that never reached the replica */
  missing: string[]
}

/**
 * Puts a replica together again: the database by Litestream, the pictures from beside it.
 * @param litestream its program
 * @param replica a folder, or s3://bucket/path
 * @param photos folder of the replica's pictures, where it is another one than the replica's own
 * @param write false: all but the last step, and nothing is left behind
 * @throws RestoreError in words
 */
export function restoreReplica(
  litestream: string,
  replica: string,
  folder: string,
  write: boolean,
  photos = replicaPhotos(replica),
): FromReplica {
  checkEmpty(folder)
  const target = resolve(folder)
  const beside = `${target}.restoring`
  rmSync(beside, { recursive: true, force: true })
  mkdirSync(beside, { recursive: true, mode: 0o700 })
  try {
    const file = join(beside, DATABASE_NAME)
    const from = replica.includes('://') ? replica : `file://${resolve(replicaDatabase(replica))}`
    const done = spawnSync(litestream, ['restore', '-o', file, from], { encoding: 'utf8' })
    if (done.status !== 0 || !existsSync(file))
      throw new RestoreError(
        `Litestream could not restore from ${replica}: ${(done.stderr || done.stdout || 'no answer').trim().slice(-400)}`,
      )
    const counted = countIn(file)
    const db = new Database(file, { readonly: true })
    const kept = db.prepare('SELECT id, sha256 FROM photos').all() as { id: string; sha256: string | null }[]
    const lastEntryAt = (db.prepare('SELECT MAX(recorded_at) FROM entries').pluck().get() as string | null) ?? null
    db.close()
    const missing: string[] = []
    for (const photo of kept)
      for (const size of ['full', 'small'] as const) {
        const name = photoName(photo, size)
        const to = join(beside, 'photos', name)
        if (existsSync(join(photos, name))) {
          mkdirSync(dirname(to), { recursive: true })
          copyFileSync(join(photos, name), to)
        } else if (size === 'full') missing.push(name)
      }
    if (write) {
      if (existsSync(target)) rmSync(target, { recursive: true })
      renameSync(beside, target)
    }
    return { ...counted, photos: kept.length, lastEntryAt, missing }
  } finally {
    rmSync(beside, { recursive: true, force: true })
  }
}
