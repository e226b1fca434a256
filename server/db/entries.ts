import { isMainThread } from 'node:worker_threads'
import type { Database } from 'better-sqlite3'
import { LRUCache } from 'lru-cache'
import { z } from 'zod'
import type { Entry } from '#core/entries/types'
import { entrySchema } from '#core/entries/entrySchema'
import { roomOf } from '#core/entries/rooms'
import { Refusal } from './refusal'
import { knownPerson } from './shop'
import { row, rows, run } from './statements'

const ENTRIES_OF_JOB = 'SELECT id, kind, at, by, how, body, supersedes FROM entries WHERE job_id = ? ORDER BY seq'
const OF_OPEN_JOBS = `
  SELECT e.id, e.kind, e.at, e.by, e.how, e.body, e.supersedes
  FROM   (SELECT job_id FROM heads WHERE closed = 0 ORDER BY number DESC LIMIT 60) h
  JOIN   entries e ON e.job_id = h.job_id
  LIMIT  ?`
const ENTRY = 'SELECT id, job_id AS jobId, kind, at, by, how, body, supersedes FROM entries WHERE id = ?'
const SUPERSEDED_BY = 'SELECT id, kind, at FROM entries WHERE supersedes = ?'
const ADD_ENTRY = `
  INSERT INTO entries (id, job_id, kind, at, by, how, body, supersedes, recorded_at)
  VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`
const LAST_SEQ = 'SELECT MAX(e.seq) AS seq FROM entries e JOIN jobs j ON j.id = e.job_id WHERE j.machine_id = ?'

interface EntryRow {
  id: string
  kind: string
  at: string
  by: string
  how: string | null
  body: string
  supersedes: string | null
}

/** A row that is on disk and can't be read as an entry: kept, said, and passed over. */
export interface Unreadable {
  id: string
  kind: string
  at: string
  why: string
  /** its body as it lies there */
  raw: string
}

/** So many are kept; a thread of the pool looks at few jobs at a time. */
const KEPT = isMainThread ? 8000 : 2500
/** Entries checked on their way out. A row never changes once it is there, so once for each is enough, while it is in use. */
const checked = new WeakMap<Database, LRUCache<string, Entry | Unreadable>>()

const readable = (entry: Entry | Unreadable): entry is Entry => 'body' in entry

function read(db: Database, row: EntryRow): Entry | Unreadable {
  const known = checked.get(db) ?? new LRUCache<string, Entry | Unreadable>({ max: KEPT })
  checked.set(db, known)
  const found = known.get(row.id) ?? parsed(row)
  known.set(row.id, found)
  return found
}

function parsed({ id, kind, at, by, how, body, supersedes }: EntryRow): Entry | Unreadable {
  try {
    return entrySchema.parse({ id, kind, at, by, how, body: JSON.parse(body), supersedes })
  } catch (error) {
    const why = error instanceof z.ZodError ? (error.issues[0]?.message ?? 'not of its form') : 'not JSON'
    console.error(`Entry ${id} (${kind}, ${at}) can't be read: ${why}`)
    return { id, kind, at, why, raw: body }
  }
}

/** The log of a job, oldest first: what can be read of it, and what can't. */
export function logOf(db: Database, jobId: string): { entries: Entry[]; unreadable: Unreadable[] } {
  const all = rows<EntryRow>(db, ENTRIES_OF_JOB, jobId).map(r => read(db, r))
  return { entries: all.filter(readable), unreadable: all.filter((e): e is Unreadable => !readable(e)) }
}

/** Reads the logs of the newest open jobs entry by entry, so that whoever opens one after a start does not wait while they are checked. */
export function* readAhead(db: Database, most: number): Generator<void> {
  for (const r of rows<EntryRow>(db, OF_OPEN_JOBS, most)) {
    read(db, r)
    yield
  }
}

/** The whole log of a job, oldest first; rows that can't be read are left out. */
export const entriesOf = (db: Database, jobId: string): Entry[] => logOf(db, jobId).entries

/** Changes whenever the log of any visit of the machine does: later visits are judged beside earlier ones. */
export const logStamp = (db: Database, machineId: string): number =>
  row<{ seq: number | null }>(db, LAST_SEQ, machineId)?.seq ?? 0

/** The entry as it would stand on disk: two deliveries of one entry are compared in this form. */
const canonical = (jobId: string, { id, kind, at, by, how, body, supersedes }: Entry): string =>
  JSON.stringify([jobId, id, kind, at, by, how, body, supersedes])

/**
 * Puts an entry on the log. Runs inside the caller's transaction.
 * @returns `repeated` when the very same entry is there already
 * @throws  Refusal 409 for a repeated id with another body or an entry corrected twice, 422 for an unknown person or target
 */
export function appendEntry(
  db: Database,
  jobId: string,
  entry: Entry,
  check?: (entry: Entry) => void,
): 'stored' | 'repeated' {
  const known = row<EntryRow & { jobId: string }>(db, ENTRY, entry.id)
  if (known) {
    const stored = read(db, known)
    if (readable(stored) && canonical(known.jobId, stored) === canonical(jobId, entry)) return 'repeated'
    throw new Refusal(
      409,
      'An entry with this id is on the log already, with other words. Nothing was changed; log it again.',
    )
  }
  knownPerson(db, entry.by)
  if (entry.supersedes !== null) checkTarget(db, jobId, entry, entry.supersedes)
  check?.(entry)
  run(
    db,
    ADD_ENTRY,
    entry.id,
    jobId,
    entry.kind,
    entry.at,
    entry.by,
    entry.how,
    JSON.stringify(entry.body),
    entry.supersedes,
    new Date().toISOString(),
  )
  return 'stored'
}

function checkTarget(db: Database, jobId: string, entry: Entry, targetId: string): void {
  const target = row<EntryRow & { jobId: string }>(db, ENTRY, targetId)
  if (!target || target.jobId !== jobId)
    throw new Refusal(422, 'The entry to be corrected is not on this job.', [
      { field: 'supersedes', message: 'Choose an entry of this job.' },
    ])
  if (target.kind === 'void' && entry.kind !== 'void') return checkPutBack(db, jobId, entry, target)
  if (target.kind === 'void')
    throw new Refusal(422, "An undoing can't itself be undone: put back what it undid.", [
      { field: 'supersedes', message: 'Choose an entry that still stands.' },
    ])
  if (entry.kind !== 'void' && entry.kind !== target.kind)
    throw new Refusal(422, 'A correction must be of the same kind as what it corrects.', [
      { field: 'kind', message: `Use ${target.kind}.` },
    ])
  const already = row<{ kind: string }>(db, SUPERSEDED_BY, targetId)
  if (already)
    throw new Refusal(
      409,
      already.kind === 'void'
        ? 'That entry was undone in the meantime. What you typed is still here.'
        : 'Somebody corrected that entry in the meantime. Look at the log; what you typed is still here.',
    )
}

/** A finding that was undone by mistake comes back as it was, in the place of its undoing; an intention is logged anew and passes its gates anew. */
function checkPutBack(db: Database, jobId: string, entry: Entry, undoing: EntryRow): void {
  const was = undoing.supersedes === null ? undefined : row<EntryRow>(db, ENTRY, undoing.supersedes)
  const stored = was && read(db, was)
  // the same but for its id, who puts it back, and what it stands in the place of
  const { id, by, supersedes } = entry
  const same =
    stored && readable(stored) && canonical(jobId, { ...stored, id, by, supersedes }) === canonical(jobId, entry)
  if (!same || !roomOf(entry).finding)
    throw new Refusal(422, 'Only a finding comes back in the place of its undoing, word by word. Log it again.', [
      { field: 'supersedes', message: 'Choose an entry that still stands, or none.' },
    ])
  if (row(db, SUPERSEDED_BY, undoing.id)) throw new Refusal(409, 'It was put back already.')
}
