import { spawnSync } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { DATABASE_NAME } from '../db/name'
import { photoName } from '../db/photoFiles'
import { replicaDatabase, replicaPhotos } from './replica'
import type { Contents } from './contents'
import { intoEmpty, RestoreError, soundContents } from './intoEmpty'

export interface FromReplica extends Pick<Contents, 'jobs' | 'entries' | 'photos' | 'lastEntryAt'> {
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
export const restoreReplica = (
  litestream: string,
  replica: string,
  folder: string,
  write: boolean,
  photos = replicaPhotos(replica),
): Promise<FromReplica> =>
  intoEmpty(folder, write, beside => {
    const file = join(beside, DATABASE_NAME)
    const from = replica.includes('://') ? replica : `file://${resolve(replicaDatabase(replica))}`
    const done = spawnSync(litestream, ['restore', '-o', file, from], { encoding: 'utf8' })
    if (done.status !== 0 || !existsSync(file))
      throw new RestoreError(
        `Litestream could not restore from ${replica}: ${(done.stderr || done.stdout || 'no answer').trim().slice(-400)}`,
      )
    const { pictures, jobs, entries, photos: count, lastEntryAt } = soundContents(beside)
    const missing: string[] = []
    for (const photo of pictures)
      for (const size of ['full', 'small'] as const) {
        const name = photoName(photo, size)
        const to = join(beside, 'photos', name)
        if (existsSync(join(photos, name))) {
          mkdirSync(dirname(to), { recursive: true })
          copyFileSync(join(photos, name), to)
        } else if (size === 'full') missing.push(name)
      }
    return { jobs, entries, photos: count, lastEntryAt, missing }
  })
