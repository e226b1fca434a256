import { closeSync, existsSync, openSync, readSync, statSync } from 'node:fs'
import { hostname } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { DataFolderError } from './folderError'

export const LOCK_NAME = 'remedium.lock'

/** Where SQLite keeps the number that a file's owner may set: here the process, to be read by whoever finds it held. */
const OWNERS_NUMBER = 60

const holder = (file: string): number => {
  const four = Buffer.alloc(4)
  const fd = openSync(file, 'r')
  try {
    readSync(fd, four, 0, 4, OWNERS_NUMBER)
  } finally {
    closeSync(fd)
  }
  return four.readInt32BE(0)
}

/**
 * Holds a data folder for this process: a second server on it would answer from its own memory. The system lets go by itself when the
 * process ends, however it ends.
 * @returns lets the folder go
 * @throws DataFolderError while another process holds it, with its number and since when
 */
export function holdFolder(folder: string, waitMs = 2000): () => void {
  const file = join(folder, LOCK_NAME)
  if (!existsSync(file)) closeSync(openSync(file, 'a', 0o600))
  const db = new Database(file, { timeout: waitMs })
  try {
    db.pragma('locking_mode = EXCLUSIVE')
    db.pragma(`user_version = ${process.pid}`)
    db.exec('BEGIN EXCLUSIVE')
    return () => {
      if (db.open) db.close()
    }
  } catch (error) {
    db.close()
    const code = (error as { code?: string }).code ?? ''
    if (!code.startsWith('SQLITE_BUSY')) throw error
    throw new DataFolderError(
      `Another Remedium works on ${folder} already (process ${holder(file)} on ${hostname()} or on a computer that shares the folder, since ${statSync(file).mtime.toISOString().slice(0, 16).replace('T', ' ')} UTC). Use that one, or stop it first. Nothing was changed.`,
    )
  }
}
