import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import type { PartBody } from '#core/entries/part/schema'
import { entriesInForce } from '#core/log/entry'
import { keepList, useRefusal } from '#core/salvage/keep'
import type { KeepLine } from '#core/salvage/keep'
import { partsStanding } from '#core/entries/part/standing'
import type { ShelfFields, ShelfItem } from '#shared/types/records'
import { keepChange } from './changes'
import { versionOf } from './differences'
import { jobOf, jobView, logEntry } from './jobs'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { anywhere, row, rows, run } from './statements'

const COLUMNS = `
  s.id, s.number, s.part, s.name, s.engine_class AS engineClass, s.from_job_id AS fromJobId, f.number AS fromNumber, s.grade, s.tested, s.measured, s.place,
  s.price_minor AS priceMinor, s.state, s.job_id AS jobId, j.number AS jobNumber, s.quarantine, s.created_at AS createdAt`
const FROM = 'FROM shelf s LEFT JOIN jobs f ON f.id = s.from_job_id LEFT JOIN jobs j ON j.id = s.job_id'
const ALL = `SELECT ${COLUMNS} ${FROM} WHERE s.state IN ('shelf', 'reserved') AND (s.name LIKE ? ESCAPE '\\' OR s.place LIKE ? ESCAPE '\\') ORDER BY s.name COLLATE NOCASE, s.number LIMIT 200`
const ONE = `SELECT ${COLUMNS} ${FROM} WHERE s.id = ?`
const OF_CLASS = `SELECT ${COLUMNS} ${FROM} WHERE s.engine_class = ? AND s.state IN ('shelf', 'reserved') ORDER BY s.number`
const NEXT = 'SELECT COALESCE(MAX(number), 0) + 1 AS number FROM shelf'
const ADD =
  "INSERT INTO shelf (id, number, part, name, engine_class, from_job_id, grade, tested, measured, place, price_minor, state, job_id, quarantine, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'shelf', NULL, ?, ?, ?)"
const SAVE =
  'UPDATE shelf SET name = ?, grade = ?, tested = ?, measured = ?, place = ?, price_minor = ?, quarantine = ?, updated_at = ? WHERE id = ?'
const MOVE = 'UPDATE shelf SET state = ?, job_id = ?, updated_at = ? WHERE id = ?'
const WANTED = `
  SELECT e.body FROM entries e
  JOIN   jobs j ON j.id = e.job_id
  JOIN   engines g ON g.machine_id = j.machine_id
  WHERE  e.kind = 'part' AND e.at >= ? AND json_extract(g.facts, '$.engineClass') = ? AND NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = e.id)`

type Stored = Omit<ShelfItem, 'version'>
/** What of a part on the shelf is saved, and has a version. */
export const shelfFields = ({ name, grade, tested, measured, place, priceMinor, quarantine }: ShelfFields) => ({
  name,
  grade,
  tested,
  measured,
  place,
  priceMinor,
  quarantine,
})
const versioned = (item: Stored): ShelfItem => ({ ...item, version: versionOf(shelfFields(item)) })
function one(db: Database, id: string): ShelfItem | undefined {
  const found = row<Stored>(db, ONE, id)
  return found && versioned(found)
}

export function shelfItem(db: Database, id: string): ShelfItem {
  const found = one(db, id)
  if (!found) throw new Refusal(404, 'There is no such part on the shelf.')
  return found
}
export function findShelf(db: Database, words: string): ShelfItem[] {
  const like = anywhere(words)
  return rows<Stored>(db, ALL, like, like).map(versioned)
}

export function addShelf(
  db: Database,
  id: string,
  f: ShelfFields & { part: string | null; engineClass: string; fromJobId: string | null },
): ShelfItem {
  return db
    .transaction(() => {
      const known = one(db, id)
      if (known) return known
      if (f.fromJobId) jobOf(db, f.fromJobId)
      const now = new Date().toISOString()
      run(
        db,
        ADD,
        id,
        row<{ number: number }>(db, NEXT)?.number ?? 1,
        f.part,
        f.name,
        f.engineClass,
        f.fromJobId,
        f.grade,
        f.tested,
        f.measured,
        f.place,
        f.priceMinor,
        f.quarantine,
        now,
        now,
      )
      return shelfItem(db, id)
    })
    .immediate()
}

export function saveShelf(db: Database, id: string, f: ShelfFields, by: string): ShelfItem {
  return db
    .transaction(() => {
      const was = shelfItem(db, id)
      keepChange(db, 'shelf', id, by, was, { ...was, ...f })
      run(
        db,
        SAVE,
        f.name,
        f.grade,
        f.tested,
        f.measured,
        f.place,
        f.priceMinor,
        f.quarantine,
        new Date().toISOString(),
        id,
      )
      return shelfItem(db, id)
    })
    .immediate()
}

/** Reserves a part for a job, lets it go, uses it, or gives it up. Used, it stands on the job's log as fitted, with where it came from. */
export function moveShelf(
  db: Database,
  id: string,
  { to, jobId, by }: { to: ShelfItem['state']; jobId: string | null; by: string },
  now = new Date(),
): ShelfItem {
  return db
    .transaction(() => {
      const was = shelfItem(db, id)
      if (was.state === 'used' || was.state === 'gone')
        throw new Refusal(409, `${was.name} is not on the shelf any more.`)
      if ((to === 'reserved' || to === 'used') && !jobId)
        throw new Refusal(422, 'Say for which job.', [{ field: 'jobId', message: 'Choose a job.' }])
      if (to !== 'gone' && was.state === 'reserved' && jobId && was.jobId !== jobId)
        throw new Refusal(409, `${was.name} is reserved for T ${was.jobNumber ?? '?'}.`)
      if (to === 'reserved' && was.quarantine) throw new Refusal(409, `${was.name} is in quarantine: ${was.quarantine}`)
      if (to === 'used' && jobId) {
        const refusal = useRefusal(was)
        if (refusal) throw new Refusal(409, refusal)
        logEntry(db, jobId, {
          id: ulid(),
          kind: 'fitted',
          at: now.toISOString(),
          by,
          how: null,
          supersedes: null,
          body: {
            what: was.measured ? `${was.name} (${was.measured})` : was.name,
            batch: null,
            from: `our shelf, S ${was.number}${was.fromNumber ? `, out of T ${was.fromNumber}` : ''}`,
            origin: 'donor',
          },
        })
      }
      keepChange(
        db,
        'shelf',
        id,
        by,
        { state: was.state, jobId: was.jobId },
        { state: to, jobId: to === 'shelf' || to === 'gone' ? null : jobId },
      )
      run(db, MOVE, to, to === 'shelf' || to === 'gone' ? null : jobId, now.toISOString(), id)
      return shelfItem(db, id)
    })
    .immediate()
}

const MONTHS_24 = 730 * 86_400_000

/** What to keep of this job's engine. */
export function keepOf(db: Database, jobId: string, now = new Date()): KeepLine[] {
  const view = jobView(db, jobId)
  const { engineClass } = view.facts
  const wanted: Record<string, number> = {}
  for (const { body } of rows<{ body: string }>(
    db,
    WANTED,
    new Date(now.getTime() - MONTHS_24).toISOString(),
    engineClass,
  )) {
    const { part, disposition } = JSON.parse(body) as PartBody
    if (disposition === 'replace') wanted[part] = (wanted[part] ?? 0) + 1
  }
  const stock: Record<string, number> = {}
  for (const { part } of rows<ShelfItem>(db, OF_CLASS, engineClass)) if (part) stock[part] = (stock[part] ?? 0) + 1
  return keepList(view.facts, entriesInForce(view.entries), wanted, stock, policyOf(db).labourRateMinor)
}

/** Parts of the shelf that this job could use: the same class of engine, a part that is to be replaced, not kept for another job. */
export function shelfFor(db: Database, jobId: string): (ShelfItem & { refusal: string | null })[] {
  const view = jobView(db, jobId)
  const wanted = new Set<string>(
    partsStanding(entriesInForce(view.entries))
      .filter(e => e.body.disposition === 'replace')
      .map(e => e.body.part),
  )
  return rows<ShelfItem>(db, OF_CLASS, view.facts.engineClass)
    .filter(s => s.part !== null && wanted.has(s.part) && (s.jobId === null || s.jobId === jobId))
    .map(s => ({ ...s, refusal: useRefusal(s) }))
}
