/** Why a backup was made. */
export const REASONS = ['asked', 'nightly', 'migration'] as const
export type Reason = (typeof REASONS)[number]

/** What a backup says of itself, first in its archive. */
export interface Manifest {
  format: 'remedium-backup'
  version: 1
  madeAt: string
  reason: Reason
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

/** A backup as the shop sees it. */
export interface BackupLine extends Omit<Manifest, 'files' | 'format' | 'version' | 'migrations'> {
  name: string
  bytes: number
  /** of the archive */
  sha256: string
}

const NAME = /^remedium-\d{8}T\d{6}Z-(asked|nightly|migration)\.tar\.gz$/
/** Only what is named like a backup is ever listed, sent or thrown away. */
export const isBackupName = (name: string): boolean => NAME.test(name)
export const backupName = (madeAt: string, reason: Reason): string =>
  `remedium-${madeAt.replace(/[-:]|\.\d+/g, '')}-${reason}.tar.gz`
export const reasonOf = (name: string): Reason | null => (NAME.exec(name)?.[1] as Reason | undefined) ?? null
