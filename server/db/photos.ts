import type { Database } from 'better-sqlite3'
import { moveToHash, photoName, sweep } from './photoFiles'
import { Refusal } from './refusal'
import { row, rows, run } from './statements'

const COLUMNS = 'SELECT id, job_id AS jobId, width, height, bytes, sha256, sent_sha256 AS sentSha256 FROM photos'
const PHOTO = `${COLUMNS} WHERE id = ?`
const ALL = `SELECT id, sha256 FROM photos`
const FROM_BEFORE = 'SELECT id FROM photos WHERE sha256 IS NULL LIMIT 200'
const ADD_PHOTO = `
  INSERT INTO photos (id, job_id, width, height, bytes, sha256, sent_sha256, created_at)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?)`
const NOW_HASHED = 'UPDATE photos SET sha256 = ? WHERE id = ?'

export interface PhotoRow {
  id: string
  jobId: string
  width: number
  height: number
  bytes: number
  /** of the picture as it is kept; null: it lies under its id, from before */
  sha256: string | null
  /** of the picture as it was sent */
  sentSha256: string | null
}

export function photoOf(db: Database, id: string): PhotoRow {
  const found = row<PhotoRow>(db, PHOTO, id)
  if (!found) throw new Refusal(404, 'There is no such photo.')
  return found
}

export const knownPhoto = (db: Database, id: string): PhotoRow | undefined => row<PhotoRow>(db, PHOTO, id)

export function addPhoto(db: Database, { id, jobId, width, height, bytes, sha256, sentSha256 }: PhotoRow): void {
  run(db, ADD_PHOTO, id, jobId, width, height, bytes, sha256, sentSha256, new Date().toISOString())
}

/** Names of all files that the pictures on record have. */
export const photoNamesOnRecord = (db: Database): Set<string> =>
  new Set(
    rows<{ id: string; sha256: string | null }>(db, ALL).flatMap(kept => [
      photoName(kept, 'full'),
      photoName(kept, 'small'),
    ]),
  )

/** Pictures from before get the name of their hash; then what no picture on record has is taken away, a day after it came. */
export function tidyPhotos(db: Database, dataDir: string, now = Date.now()): string[] {
  for (const { id } of rows<{ id: string }>(db, FROM_BEFORE)) {
    const sha256 = moveToHash(dataDir, id)
    if (sha256) run(db, NOW_HASHED, sha256, id)
  }
  return sweep(dataDir, photoNamesOnRecord(db), now)
}
