import { resolve } from 'node:path'
import type { Database } from 'better-sqlite3'
import migrations from '#migrations'
import { closeDatabase, openDatabase } from '../db/open'

let db: Database | undefined

/** The shop's one connection, opened at start. */
export function useDb(): Database {
  db ??= openDatabase(resolve(useRuntimeConfig().dataDir), migrations)
  return db
}

export function closeDb(): void {
  if (db) closeDatabase(db)
  db = undefined
}
