import type { Database } from 'better-sqlite3'
import { MACHINE_KINDS } from '#core/engine/words'
import type { MachineKind } from '#core/engine/words'
import { anywhere, rows } from './statements'

const FIND_JOBS = `
  SELECT   j.id, j.number, m.name, m.kind, c.name AS customerName
  FROM     jobs j
  JOIN     machines m ON m.id = j.machine_id
  JOIN     customers c ON c.id = m.customer_id
  WHERE    'T ' || j.number LIKE @q ESCAPE '\\' OR 'T' || j.number LIKE @q ESCAPE '\\' OR m.name LIKE @q ESCAPE '\\' OR c.name LIKE @q ESCAPE '\\' OR m.serial LIKE @q ESCAPE '\\'
     OR    EXISTS (SELECT 1 FROM entries e WHERE e.job_id = j.id AND e.kind IN ('complaint', 'note', 'claim') AND e.body LIKE @q ESCAPE '\\')
  ORDER BY j.number DESC
  LIMIT    8`
const FIND_MACHINES = `
  SELECT   m.id, m.name, m.kind, c.name AS customerName
  FROM     machines m
  JOIN     customers c ON c.id = m.customer_id
  WHERE    m.name LIKE @q ESCAPE '\\' OR c.name LIKE @q ESCAPE '\\' OR m.serial LIKE @q ESCAPE '\\'
  ORDER BY m.name
  LIMIT    6`

interface Hit {
  id: string
  number?: number
  name: string
  kind: MachineKind
  customerName: string
}

/** Jobs and machines whose tag, name, owner, serial number or story holds the words. */
export function findAnything(db: Database, text: string): { to: string; title: string; detail: string }[] {
  const q = anywhere(text.trim())
  const detail = (h: Hit): string => `${h.customerName} · ${MACHINE_KINDS[h.kind].label}`
  return [
    ...rows<Hit>(db, FIND_JOBS, { q }).map(h => ({
      to: `/jobs/${h.id}`,
      title: `T ${h.number} ${h.name}`,
      detail: detail(h),
    })),
    ...rows<Hit>(db, FIND_MACHINES, { q }).map(h => ({
      to: `/machines/${h.id}`,
      title: h.name,
      detail: `${detail(h)}, the machine`,
    })),
  ]
}
