import type { Database } from 'better-sqlite3'
import { historyOf, jointsOf } from '#core/verdict/stuckAllowance'
import type { StuckHistory } from '#core/verdict/stuckAllowance'
import type { Entry } from '#core/entries/types'
import { row, rows } from './statements'

/** The newest joints of the shop: enough to learn from, and read at once. */
const JOINTS = (kind: string): string => `
  SELECT   e.id, e.job_id AS jobId, e.kind, e.at, e.by, e.how, e.body, e.supersedes
  FROM     entries e
  WHERE    e.kind = '${kind}' AND NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = e.id)
  ORDER BY e.seq DESC
  LIMIT    1000`
const KINDS = ['fasteners', 'clues'] as const
/** Moves with each of them, and with each that was undone. */
export const STUCK_STAMP = `
  SELECT (SELECT COALESCE(MAX(seq), 0) FROM entries WHERE kind = 'fasteners') || ' ' ||
         (SELECT COALESCE(MAX(seq), 0) FROM entries WHERE kind = 'clues') || ' ' ||
         (SELECT COALESCE(MAX(seq), 0) FROM entries WHERE kind = 'void') AS stamp`

const learnt = new WeakMap<Database, { stamp: string; history: StuckHistory }>()

/** What this shop's fasteners did so far, by rust. */
export function stuckHistory(db: Database): StuckHistory {
  const stamp = row<{ stamp: string }>(db, STUCK_STAMP)?.stamp ?? ''
  const known = learnt.get(db)
  if (known?.stamp === stamp) return known.history
  const byJob = new Map<string, Entry[]>()
  for (const kind of KINDS)
    for (const { jobId, body, ...rest } of rows<{ jobId: string; body: string }>(db, JOINTS(kind)))
      byJob.set(jobId, [{ ...rest, body: JSON.parse(body) as unknown } as Entry, ...(byJob.get(jobId) ?? [])])
  const history = historyOf([...byJob.values()].flatMap(jointsOf))
  learnt.set(db, { stamp, history })
  return history
}
