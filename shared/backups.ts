/** Why a backup was made. */
export const BACKUP_REASONS = {
  asked: 'asked for',
  nightly: 'nightly',
  migration: 'before a change of the database',
} as const
export type BackupReason = keyof typeof BACKUP_REASONS
