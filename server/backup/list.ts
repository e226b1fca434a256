import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { BackupReason } from '#shared/backups'
import { BACKUP_REASONS } from '#shared/backups'
import type { BackupFailure } from '#shared/types/records'
import type { BackupLine } from './manifest'
import { isBackupName, reasonOf } from './manifest'

const FAILED = 'last-failure.json'

/** Names of the shop's backups, the newest first. */
function namesIn(folder: string): string[] {
  // the day and the hour stand first in each
  return existsSync(folder) ? readdirSync(folder).filter(isBackupName).sort().reverse() : []
}

/** What lies beside a backup; one whose words are gone is shown by its name and size. */
function lineOf(folder: string, name: string): BackupLine {
  try {
    return JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')) as BackupLine
  } catch {
    const { size, mtime } = statSync(join(folder, name))
    const madeAt = mtime.toISOString()
    const unsaid = { sha256: '', shopName: '', jobs: 0, entries: 0, photos: 0, lastEntryAt: null, missing: [] }
    return { name, bytes: size, madeAt, reason: reasonOf(name) ?? 'asked', ...unsaid }
  }
}

/** The shop's backups, the newest first. */
export const backupsIn = (folder: string): BackupLine[] => namesIn(folder).map(name => lineOf(folder, name))

/** The newest of them, without reading the others: this is asked for every few seconds. */
export function newestIn(folder: string, reasons: readonly BackupReason[] = REASONS): BackupLine | null {
  const name = namesIn(folder).find(n => reasons.includes(reasonOf(n) ?? 'asked'))
  return name === undefined ? null : lineOf(folder, name)
}

const REASONS = Object.keys(BACKUP_REASONS) as BackupReason[]

export function failureIn(folder: string): BackupFailure | null {
  try {
    return JSON.parse(readFileSync(join(folder, FAILED), 'utf8')) as BackupFailure
  } catch {
    return null
  }
}

/** Written down where it can be; a folder that takes nothing says so by itself. */
export function noteFailure(folder: string, failure: BackupFailure | null): void {
  try {
    if (!failure) return rmSync(join(folder, FAILED), { force: true })
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    writeFileSync(join(folder, FAILED), JSON.stringify(failure), { mode: 0o600 })
  } catch {
    // the state of the shop carries it until the next start
  }
}
