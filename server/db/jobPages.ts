import type { Database } from 'better-sqlite3'
import { LRUCache } from 'lru-cache'
import type { JobPage } from '#shared/types/records'
import { logStamp } from './entries'
import { jobOf, jobView } from './jobs'
import { row } from './statements'
import { STUCK_STAMP, stuckHistory } from './stuck'

const RECORDS = `
  SELECT m.updated_at || c.updated_at || e.updated_at || s.updated_at AS stamp
  FROM   machines m
  JOIN   customers c ON c.id = m.customer_id
  JOIN   engines e ON e.machine_id = m.id
  JOIN   spec_sheets s ON s.id = e.spec_sheet_id
  WHERE  m.id = ?`
/** What other jobs taught besides: causes that were named. */
const NAMED = "SELECT COALESCE(MAX(seq), 0) AS n FROM entries WHERE kind = 'cause_found'"

/** Jobs as they were last sent: 12 million letters of them at most. */
const kept = new LRUCache<string, { stamp: string; json: string }>({
  maxSize: 12_000_000,
  sizeCalculation: ({ json }) => json.length + 100,
})

/** One job with all that it is judged from, as JSON: put together once for each time that something of it moves. */
export function jobPageJson(db: Database, id: string): string {
  const { machineId } = jobOf(db, id)
  const records = row<{ stamp: string }>(db, RECORDS, machineId)?.stamp ?? ''
  const learnt = `${row<{ n: number }>(db, NAMED)?.n} ${row<{ stamp: string }>(db, STUCK_STAMP)?.stamp}`
  const stamp = `${logStamp(db, machineId)} ${records} ${learnt}`
  const key = `${db.name} ${id}`
  const known = kept.get(key)
  if (known?.stamp === stamp) return known.json
  const json = JSON.stringify({ ...jobView(db, id), stuck: stuckHistory(db) } satisfies JobPage)
  kept.set(key, { stamp, json })
  return json
}
