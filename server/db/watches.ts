import type { Database } from 'better-sqlite3'
import { watchesOf, watchWords } from '#core/condition/watches'
import type { Entry } from '#core/entries/types'
import type { WatchLine } from '#shared/types/records'
import { visitsOf } from './jobs'
import { row, rows, run } from './statements'

const GONE = 'DELETE FROM watches WHERE machine_id = ?'
const ADD = `
  INSERT INTO watches (entry_id, job_id, machine_id, words, due_on, by_meter)
  VALUES (?, (SELECT job_id FROM entries WHERE id = ?), ?, ?, ?, ?)`
const ANY = "SELECT 1 AS n FROM entries INDEXED BY entries_of_kind WHERE kind = 'watch' LIMIT 1"
/** The most that Today shows. */
const MOST = 50
const LINES = `
  SELECT w.entry_id AS id, w.job_id AS jobId, w.machine_id AS machineId, m.name AS machine, w.words, w.due_on AS dueOn
  FROM   watches w
  JOIN   machines m ON m.id = w.machine_id`
const BY_DAY = `${LINES} WHERE w.due_on <= ? ORDER BY w.due_on LIMIT ${MOST}`
const BY_METER = `${LINES} WHERE w.by_meter = 1 ORDER BY w.entry_id LIMIT ${MOST}`

/** Kinds of entry that move what is watched: by the item itself, by the meter that it waits for, by a line that is taken back. */
const MOVES: readonly Entry['kind'][] = ['watch', 'watch_done', 'meter', 'void']

/** Keeps what is to be looked at again on a machine in step with its logs. */
export function keepWatches(db: Database, machineId: string, entry: Entry): void {
  if (!MOVES.includes(entry.kind) || !row(db, ANY)) return
  run(db, GONE, machineId)
  for (const w of watchesOf({ history: visitsOf(db, machineId) }, [], '0000-01-01'))
    run(db, ADD, w.id, w.id, machineId, watchWords(w), w.due.day, Number(w.now))
}

/**
 * What is due to be looked at again in this shop: by its day, or by the meter.
 * @param today YYYY-MM-DD
 */
export function watchesDue(db: Database, today: string): WatchLine[] {
  const all = [...rows<WatchLine>(db, BY_DAY, today), ...rows<WatchLine>(db, BY_METER)]
  return [...new Map(all.map(w => [w.id, w])).values()]
}
