import type { Database } from 'better-sqlite3'
import type { Logger } from '#core/entries/signers'
import { loggerRefusal } from '#core/entries/mayLog'
import type { Entry, EntryKind } from '#core/entries/types'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { row } from './statements'

const KIND = 'SELECT kind FROM entries WHERE id = ?'

/** Whoever is at the bench logs what the role allows; an undoing counts as what it undoes. */
export function checkLogger(db: Database, who: Logger, entry: Entry, at = ''): void {
  const undone = entry.kind === 'void' ? row<{ kind: EntryKind }>(db, KIND, entry.supersedes)?.kind : undefined
  const held = loggerRefusal(who, undone ?? entry.kind, policyOf(db))
  if (held)
    throw new Refusal(403, held.message, held.field ? [{ field: `${at}${held.field}`, message: held.message }] : [])
}
