import type { Database } from 'better-sqlite3'
import { MACHINE_KINDS } from '#core/engine/words'
import type { MachineKind } from '#core/engine/words'
import { CALCULATORS } from '#core/calculators'
import { CAUSES, CHECKS } from '#core/catalogue'
import { holds, otherWords } from '#core/words/otherWords'
import { sheetLines } from './sheets'
import { row, rows, run } from './statements'

const FIND_JOBS = `
  SELECT   j.id, j.number, m.name, m.kind, c.name AS customerName
  FROM     found_jobs f
  JOIN     jobs j ON j.number = f.rowid
  JOIN     machines m ON m.id = j.machine_id
  JOIN     customers c ON c.id = m.customer_id
  WHERE    f.words MATCH @q
  ORDER BY f.rowid DESC
  LIMIT    8`
const FIND_MACHINES = `
  SELECT   m.id, m.name, m.kind, c.name AS customerName
  FROM     found_machines f
  JOIN     machines m ON m.id = f.machine_id
  JOIN     customers c ON c.id = m.customer_id
  WHERE    f.words MATCH @q
  ORDER BY f.rowid DESC
  LIMIT    6`

const FIND_PRICES = `
  SELECT   p.id, p.number, p.name, p.supplier
  FROM     found_prices f
  JOIN     prices p ON p.id = f.price_id
  WHERE    f.words MATCH @q
  ORDER BY f.rowid DESC
  LIMIT    4`
const FIND_SHELF = `
  SELECT   s.id, s.number, s.name, s.place
  FROM     found_shelf f
  JOIN     shelf s ON s.id = f.shelf_id
  WHERE    f.words MATCH @q AND s.state IN ('shelf', 'reserved')
  ORDER BY f.rowid DESC
  LIMIT    4`

const DONE = 'SELECT seq FROM found_upto WHERE id = 1'
/** The oldest entries whose words are not among their job's yet. */
const LATER = `
  SELECT   j.number, w.seq, w.words
  FROM     entry_words w
  JOIN     jobs j ON j.id = w.job_id
  WHERE    w.seq > ?
  ORDER BY w.seq
  LIMIT    ?`
const PUT = "UPDATE found_jobs SET words = words || ' ' || ? WHERE rowid = ?"
const UPTO = 'UPDATE found_upto SET seq = MAX(seq, ?) WHERE id = 1'

/**
 * Puts the words of entries to those of their jobs, a job at a time. Stopped in the middle it puts some of them twice, which nobody notices.
 * @param most    entries at once
 * @param between lets others write between two jobs
 */
export function putWords(db: Database, most = 500, between: () => void = () => undefined): void {
  const done = row<{ seq: number }>(db, DONE)?.seq ?? 0
  const later = rows<{ number: number; seq: number; words: string | null }>(db, LATER, done, most)
  const last = later.at(-1)?.seq
  if (last === undefined) return
  const byJob = new Map<number, string[]>()
  for (const { number, words } of later) if (words !== null) byJob.set(number, [...(byJob.get(number) ?? []), words])
  for (const [number, words] of byJob) {
    run(db, PUT, words.join(' '), number)
    between()
  }
  run(db, UPTO, last)
}

/** Words in any order, the last letters of each left open, each by the other words that the trade has for it; nothing that is typed is an instruction to the index. */
export const asked = (text: string): string | null => {
  const all = text.normalize('NFC').match(/[\p{L}\p{N}]+/gu) ?? []
  const either = (w: string): string => {
    const each = [w, ...otherWords(w)].map(one => `"${one.replaceAll('"', '')}"*`)
    return each.length > 1 ? `(${each.join(' OR ')})` : (each[0] ?? '')
  }
  return all.length ? all.map(either).join(' AND ') : null
}

interface Hit {
  id: string
  number?: number
  name: string
  kind: MachineKind
  customerName: string
}

/** So many of what the program itself knows */
const KNOWN = 3
const first = <T>(all: readonly T[], has: (one: T) => boolean): T[] => all.filter(has).slice(0, KNOWN)

/** Causes, checks and calculators by their names. */
const known = (text: string): { to: string; title: string; detail: string }[] => [
  ...first(CAUSES, c => holds(c.name, text)).map(c => ({
    to: `/causes?find=${encodeURIComponent(c.name)}`,
    title: c.name,
    detail: 'a cause',
  })),
  ...first(CHECKS, c => holds(c.name, text)).map(c => ({
    to: `/causes?view=checks&find=${encodeURIComponent(c.name)}`,
    title: c.name,
    detail: 'a check',
  })),
  ...first([...CALCULATORS.values()], c => holds(`${c.about} ${c.name.replaceAll('_', ' ')}`, text)).map(c => ({
    to: `/tools?calc=${c.name}`,
    title: c.about,
    detail: 'a calculator',
  })),
]

/** Jobs and machines whose tag, name, owner, serial number or story holds the words, parts on the shelf and prices: the newest first; then sheets, causes, checks and calculators. */
export function findAnything(db: Database, text: string): { to: string; title: string; detail: string }[] {
  const q = asked(text)
  if (q === null) return []
  putNewest(db)
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
    ...rows<{ number: number; name: string; place: string }>(db, FIND_SHELF, { q }).map(s => ({
      to: `/shelf?part=${s.number}`,
      title: `S ${s.number} ${s.name}`,
      detail: `${s.place} · on the shelf`,
    })),
    ...rows<{ number: string; name: string; supplier: string }>(db, FIND_PRICES, { q }).map(p => ({
      to: `/parts?find=${encodeURIComponent(p.number)}`,
      title: p.name,
      detail: `${p.number} · ${p.supplier}, a price`,
    })),
    ...sheetLines(db, { words: text })
      .slice(0, KNOWN)
      .map(s => ({ to: `/specs/${s.id}`, title: s.name, detail: 'a spec sheet' })),
    ...known(text),
  ]
}

/** What was logged a moment ago is found too; where nothing can be written, the rest is. */
function putNewest(db: Database): void {
  try {
    putWords(db)
  } catch (error) {
    console.error("The newest entries can't be found by their words:", error)
  }
}
