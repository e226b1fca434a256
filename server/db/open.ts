import { accessSync, closeSync, constants, existsSync, mkdirSync, openSync } from 'node:fs'
import { dirname, join } from 'node:path'
import Database from 'better-sqlite3'
import { migrate } from './migrate'
import type { Migration } from './migrate'

export const DATABASE_NAME = 'remedium.db'

/** Something about the shop's data folder that a person has to put right. */
export class DataFolderError extends Error {}

/**
 * Opens the shop's database and brings it up to date.
 * @throws DataFolderError when the folder can't be written or the file is newer than this program or damaged
 */
export function openDatabase(folder: string, migrations: Migration[]): Database.Database {
  const file = join(folder, DATABASE_NAME)
  try {
    mkdirSync(dirname(file), { recursive: true })
    accessSync(folder, constants.W_OK)
    if (existsSync(file)) accessSync(file, constants.W_OK)
  } catch {
    throw new DataFolderError(
      `Can't write to the data folder ${folder}. Give this user the right to write there, or choose another folder with --data.`,
    )
  }
  let db: Database.Database | undefined
  try {
    // what is created here is the shop's own: nobody else on this machine reads it
    if (!existsSync(file)) closeSync(openSync(file, 'a', 0o600))
    db = new Database(file)
    db.pragma('journal_mode = WAL')
    db.pragma('synchronous = FULL')
    db.pragma('foreign_keys = ON')
    db.pragma('busy_timeout = 5000')
    migrate(db, migrations)
    return db
  } catch (error) {
    db?.close()
    if (error instanceof DataFolderError) throw error
    const code = (error as { code?: string }).code ?? ''
    if (code === 'SQLITE_NOTADB' || code === 'SQLITE_CORRUPT')
      throw new DataFolderError(
        `${file} is not a sound database. Put the last backup in its place; nothing was changed.`,
      )
    if (code.startsWith('SQLITE_READONLY') || code === 'SQLITE_CANTOPEN')
      throw new DataFolderError(
        `Can't write to ${file}. Give this user the right to write in ${folder}, or choose another folder with --data.`,
      )
    throw error
  }
}

/** Moves everything into the one file and closes it. */
export function closeDatabase(db: Database.Database): void {
  if (!db.open) return
  db.pragma('wal_checkpoint(TRUNCATE)')
  db.close()
}
