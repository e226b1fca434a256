import type { Database } from 'better-sqlite3'
import { differences, versionOf } from './differences'
import { Refusal } from './refusal'
import { row } from './statements'

const LAST_CHANGE =
  'SELECT c.seq, c.at, p.name FROM changes c LEFT JOIN people p ON p.id = c.by WHERE c.record = ? AND c.row_id = ? ORDER BY c.seq DESC LIMIT 1'

/**
 * Lets nobody save over what somebody else changed meanwhile without having seen it.
 * @param of the rows that it is made of, by table and id
 * @param seen the version that came with what the sender read
 * @param now what the record says now
 * @param typed what the sender wants it to say
 * @throws Refusal 409 with what stands now and what was typed beside each other, and the version that stands now
 */
export function checkVersion(
  db: Database,
  { of, seen, now, typed }: { of: [record: string, id: string][]; seen: string; now: object; typed: object },
): void {
  const version = versionOf(now)
  if (seen === version) return
  const fields = differences(now, typed, (was, is) => `It says ${was} now; you have ${is}.`)
  // somebody typed the very same
  if (!fields.length) return
  const last = of
    .flatMap(([record, id]) => row<{ seq: number; at: string; name: string | null }>(db, LAST_CHANGE, record, id) ?? [])
    .sort((a, b) => b.seq - a.seq)[0]
  throw new Refusal(
    409,
    `${last?.name ?? 'Somebody'} changed this while it was open here${last ? ` (${last.at.slice(0, 16).replace('T', ' ')} UTC)` : ''}. What differs stands beside each field. Save again to keep yours, or load it anew to take theirs.`,
    fields,
    { version },
  )
}
