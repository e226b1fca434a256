import type { BackupReason } from '#shared/backups'
import type { BackupOnList } from '#shared/types/records'

/** What a backup says of itself, first in its archive. */
export interface Manifest {
  format: 'remedium-backup'
  version: 1
  madeAt: string
  reason: BackupReason
  /** migrations that the database has had */
  migrations: string[]
  shopName: string
  jobs: number
  entries: number
  photos: number
  /** when the newest entry was recorded */
  lastEntryAt: string | null
  /** everything in the archive besides this, with its length and SHA-256 */
  files: { name: string; bytes: number; sha256: string }[]
  /** pictures on record whose file was gone or spoilt when the backup was made */
  missing: string[]
}

/** What lies beside a backup, to be listed without opening it. */
export interface BackupLine extends BackupOnList {
  shopName: string
  /** of the archive */
  sha256: string
}

const NAME = /^remedium-\d{8}T\d{6}Z-(asked|nightly|migration)\.tar\.gz$/
/** Only what is named like a backup is ever listed, sent or thrown away. */
export const isBackupName = (name: string): boolean => NAME.test(name)
export const backupName = (madeAt: string, reason: BackupReason): string =>
  `remedium-${madeAt.replace(/[-:]|\.\d+/g, '')}-${reason}.tar.gz`
export const reasonOf = (name: string): BackupReason | null =>
  (NAME.exec(name)?.[1] as BackupReason | undefined) ?? null
