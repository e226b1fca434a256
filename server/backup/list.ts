import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { BackupLine } from './manifest'
import { isBackupName } from './manifest'

/** Why the last try did not become a backup; gone as soon as one did. */
export interface BackupFailure {
  at: string
  why: string
}

const FAILED = 'last-failure.json'

/** The shop's backups, the newest first; one whose words are gone is shown by its name and size. */
export function backupsIn(folder: string): BackupLine[] {
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .filter(isBackupName)
    .sort()
    .reverse()
    .map(name => {
      const beside = join(folder, `${name}.json`)
      try {
        return JSON.parse(readFileSync(beside, 'utf8')) as BackupLine
      } catch {
        const { size, mtime } = statSync(join(folder, name))
        return {
          name,
          bytes: size,
          sha256: '',
          madeAt: mtime.toISOString(),
          reason: 'asked',
          shopName: '',
          jobs: 0,
          entries: 0,
          photos: 0,
          lastEntryAt: null,
          missing: [],
        }
      }
    })
}

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
