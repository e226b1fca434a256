import { accessSync, closeSync, constants, existsSync, mkdirSync, openSync, statSync } from 'node:fs'
import { dirname, join } from 'node:path'
import type Database from 'better-sqlite3'
import { connect } from './connect'
import { DATABASE_NAME } from './name'
import { DataFolderError } from './folderError'
import { migrate, pending } from './migrate'
import type { Migration } from './migrate'
import { photoNames } from './photoFiles'

/**
 * Opens the shop's database and brings it up to date.
 * @param beforeChange called before the first migration of a database that holds something: a backup is made there
 * @throws DataFolderError when the folder can't be written, the file is newer than this program, damaged, or gone from beside its pictures
 */
export function openDatabase(
  folder: string,
  migrations: Migration[],
  beforeChange: (names: string[]) => void = () => {},
): Database.Database {
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
  notBesidePictures(folder, file)
  let db: Database.Database | undefined
  try {
    // what is created here is the shop's own: nobody else on this machine reads it
    if (!existsSync(file)) closeSync(openSync(file, 'a', 0o600))
    db = connect(file)
    const names = pending(db, migrations)
    if (names.length && holdsSomething(db)) beforeChange(names)
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

const holdsSomething = (db: Database.Database): boolean =>
  db.prepare("SELECT COUNT(*) FROM sqlite_master WHERE name = 'people'").pluck().get() === 1 &&
  db.prepare('SELECT COUNT(*) FROM people').pluck().get() !== 0

/** A database without a word in it beside pictures is not a new shop: its file was lost. */
function notBesidePictures(folder: string, file: string): void {
  if (existsSync(file) && statSync(file).size > 0) return
  if (photoNames(folder).length)
    throw new DataFolderError(
      `${file} is ${existsSync(file) ? 'empty' : 'gone'}, but the shop's pictures lie beside it: this is not a new shop. Restore the last backup into an empty folder; nothing was changed.`,
    )
}

/** Moves everything into the one file and closes it. */
export function closeDatabase(db: Database.Database): void {
  if (!db.open) return
  if (!process.env.REMEDIUM_STREAMED) db.pragma('wal_checkpoint(TRUNCATE)')
  db.close()
}
