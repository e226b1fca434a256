import { resolve } from 'node:path'
import type { Database } from 'better-sqlite3'
import migrations from '#migrations'
import { closeDatabase, openDatabase } from '../db/open'

let db: Database | undefined

/** The shop's one connection, opened at start. */
export function useDb(): Database {
  db ??= openDatabase(dataDir(), migrations)
  return db
}

/** The folder of the shop's database and pictures. */
export const dataDir = (): string => resolve(useRuntimeConfig().dataDir)

export function closeDb(): void {
  if (db) closeDatabase(db)
  db = undefined
}
