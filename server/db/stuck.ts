import type { Database } from 'better-sqlite3'
import { historyOf, jointsOf } from '#core/verdict/stuckAllowance'
import type { StuckHistory } from '#core/verdict/stuckAllowance'
import type { Entry } from '#core/entries/types'
import { rows } from './statements'

/** The newest joints of the shop: enough to learn from, and read at once. */
const JOINTS = `
  SELECT   e.id, e.job_id AS jobId, e.kind, e.at, e.by, e.how, e.body, e.supersedes
  FROM     entries e
  WHERE    e.kind IN ('fasteners', 'clues') AND NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = e.id)
  ORDER BY e.seq DESC
  LIMIT    2000`

/** What this shop's fasteners did so far, by rust. */
export function stuckHistory(db: Database): StuckHistory {
  const byJob = new Map<string, Entry[]>()
  for (const { jobId, body, ...rest } of rows<{ jobId: string; body: string }>(db, JOINTS))
    byJob.set(jobId, [{ ...rest, body: JSON.parse(body) as unknown } as Entry, ...(byJob.get(jobId) ?? [])])
  return historyOf([...byJob.values()].flatMap(jointsOf))
}
