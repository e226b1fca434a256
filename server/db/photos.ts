import type { Database } from 'better-sqlite3'
import { Refusal } from './refusal'
import { row, run } from './statements'

const PHOTO = 'SELECT id, job_id AS jobId, width, height, bytes FROM photos WHERE id = ?'
const ADD_PHOTO = 'INSERT INTO photos (id, job_id, width, height, bytes, created_at) VALUES (?, ?, ?, ?, ?, ?)'

export interface PhotoRow {
  id: string
  jobId: string
  width: number
  height: number
  bytes: number
}

export function photoOf(db: Database, id: string): PhotoRow {
  const found = row<PhotoRow>(db, PHOTO, id)
  if (!found) throw new Refusal(404, 'There is no such photo.')
  return found
}

export const knownPhoto = (db: Database, id: string): PhotoRow | undefined => row<PhotoRow>(db, PHOTO, id)

export function addPhoto(db: Database, { id, jobId, width, height, bytes }: PhotoRow): void {
  run(db, ADD_PHOTO, id, jobId, width, height, bytes, new Date().toISOString())
}
