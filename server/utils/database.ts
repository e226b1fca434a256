import { spawnSync } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import type { Database } from 'better-sqlite3'
import migrations from '#migrations'
import type { BackupAsked } from '../backup/make'
import { DataFolderError } from '../db/folderError'
import { holdFolder } from '../db/folderLock'
import { closeDatabase, openDatabase } from '../db/open'
import { keepOpened } from './storage'
import { workerFile } from './pool'

let db: Database | undefined
let letGo: (() => void) | undefined

/** The shop's one connection, opened at start. */
export function useDb(): Database {
  if (db) return db
  const folder = dataDir()
  letGo ??= hold(folder)
  db = openDatabase(folder, migrations, backUpFirst)
  keepOpened(folder)
  return db
}

/** The folder of the shop's database and pictures. */
export const dataDir = (): string => resolve(useRuntimeConfig().dataDir)

/** Where backups go: beside the data, or where the shop said, best on another disk. */
export const backupDir = (): string => resolve(useRuntimeConfig().backupDir || join(dataDir(), 'backups'))

function hold(folder: string): () => void {
  try {
    mkdirSync(folder, { recursive: true })
    return holdFolder(folder)
  } catch (error) {
    if (error instanceof DataFolderError) throw error
    throw new DataFolderError(
      `Can't write to the data folder ${folder} (${(error as Error).message}). Give this user the right to write there, or choose another folder with --data.`,
    )
  }
}

/** A change of the database is made only once what it was is put away. */
function backUpFirst(names: string[]): void {
  const asked: BackupAsked = { dataDir: dataDir(), folder: backupDir(), reason: 'migration' }
  const { status, stderr } = spawnSync(process.execPath, [workerFile(), JSON.stringify(asked)], { encoding: 'utf8' })
  if (status !== 0)
    throw new DataFolderError(
      `The database has to be changed for this version (${names.join(', ')}), and a backup before that could not be made: ${stderr.trim() || 'no answer'} Nothing was changed.`,
    )
  console.log(`A backup was made in ${backupDir()} before the database was changed (${names.join(', ')}).`)
}

export function closeDb(): void {
  if (db) closeDatabase(db)
  db = undefined
  letGo?.()
  letGo = undefined
}
