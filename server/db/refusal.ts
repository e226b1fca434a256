export interface FieldFault {
  field: string
  message: string
}

/** A request that can't be carried out, in words for the person who made it. */
export class Refusal extends Error {
  constructor(
    readonly status: 401 | 403 | 404 | 405 | 409 | 413 | 415 | 422 | 423 | 429 | 503 | 507,
    message: string,
    readonly fields: FieldFault[] = [],
    /** told besides: the version that stands now, where the first one lies */
    readonly more: Record<string, unknown> = {},
  ) {
    super(message)
  }
}

export const DISK_FULL =
  'The disk of the bench computer is full: this was not saved. Make room there, then press again; what you typed is still here.'

/** What went wrong below us, in words a person can act on; null for what nobody foresaw. */
export function diskTrouble(error: unknown): Refusal | null {
  const code = (error as { code?: string } | null)?.code ?? ''
  if (code === 'ENOSPC' || code === 'EDQUOT' || code === 'SQLITE_FULL') return new Refusal(507, DISK_FULL)
  if (code === 'EROFS' || code === 'EACCES' || code === 'EPERM' || code.startsWith('SQLITE_READONLY'))
    return new Refusal(
      507,
      "The data folder of the bench computer can't be written to: this was not saved. Give Remedium the right to write there, then press again.",
    )
  if (code === 'EIO' || code.startsWith('SQLITE_IOERR') || code === 'SQLITE_CORRUPT' || code === 'SQLITE_NOTADB')
    return new Refusal(
      507,
      'The disk of the bench computer does not answer as it should: this was not saved. Look at the disk, and at the last backup, before going on.',
    )
  if (code.startsWith('SQLITE_BUSY'))
    return new Refusal(
      503,
      'The disk of the bench computer is slow just now, and something else was writing for several seconds: this was not saved. Press again in a moment; what you typed is still here.',
    )
  return null
}
