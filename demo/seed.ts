import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { assess } from '#core/assess'
import type { ApprovalBody } from '#core/entries/approval/schema'
import type { Entry } from '#core/entries/types'
import type { OptionBody } from '#core/entries/option/schema'
import { entriesInForce } from '#core/log/entry'
import type { ShopPolicy } from '#core/engine/policy'
import { DEFAULT_POLICY } from '#core/engine/policy'
import type { Role } from '#core/people/roles'
import { safeRefusal } from '#core/entries/safe'
import { SAFE_STEPS } from '#core/words/looks'
import { newJobSchema } from '#shared/schemas/machines'
import { addPhoto } from '../server/db/photos'
import type { PhotoRow } from '../server/db/photos'
import { saveSheet, sheetOf } from '../server/db/sheets'
import { entriesOf } from '../server/db/entries'
import { bookIn, jobFile, jobView, logEntry } from '../server/db/jobs'
import { machineLines } from '../server/db/machines'
import { importPrices } from '../server/db/prices'
import { hashPinNow } from '../server/db/pins'
import { addShelf } from '../server/db/shelf'
import { row } from '../server/db/statements'
import { addPerson, savePolicy } from '../server/db/shop'
import type { DemoJob, Step, Who } from './book'
import { DEMO_JOBS } from './jobs'
import { DEMO_PIN } from '#shared/demo'
import { DEMO_PRICES } from './prices'

const POLICY: ShopPolicy = {
  ...DEFAULT_POLICY,
  shopName: 'Weirside Small Engines',
  shopAddress: '4 Weir Steps, Tollbrook · made up for this demonstration',
  labourRateMinor: 5800,
  taxPct: 0,
  altitudeM: 180,
  volumeUnit: 'mL',
  pressureUnit: 'bar',
}
const PEOPLE: Record<Who, [name: string, initials: string, role: Role, senior: boolean]> = {
  mira: ['Mira Voss', 'MV', 'keeper', true],
  teo: ['Teo Lindqvist', 'TL', 'bench', true],
  june: ['June Abara', 'JA', 'counter', false],
}

const HOUR_MS = 3600_000
/** Shop time: work goes on from eight to six, and carries over to the next day. */
const OPEN_H = 8
const DAY_H = 10

export const isEmpty = (db: Database): boolean =>
  row<{ n: number }>(
    db,
    'SELECT (SELECT COUNT(*) FROM jobs) + (SELECT COUNT(*) FROM people) + (SELECT COUNT(*) FROM customers) AS n',
  )?.n === 0

/** Seeds the demo shop, only where there is nothing at all. Dates count back from `now`. */
export function seedDemo(
  db: Database,
  now: Date,
  photos: Record<string, PhotoRow> = {},
): { jobs: number; entries: number } {
  if (!isEmpty(db)) return { jobs: 0, entries: 0 }
  return db
    .transaction(() => {
      savePolicy(db, POLICY)
      const people = Object.fromEntries(
        Object.entries(PEOPLE).map(([key, [name, initials, role, senior]]) => [
          key,
          addPerson(db, { name, initials, active: true, role, senior }, ulid(), hashPinNow(DEMO_PIN)).id,
        ]),
      ) as Record<Who, string>
      importPrices(db, {
        text: DEMO_PRICES,
        supplier: null,
        kind: 'retail',
        pricedOn: new Date(now.getTime() - 12 * 24 * HOUR_MS).toISOString().slice(0, 10),
        apply: true,
        by: people.june,
      })
      const entries = DEMO_JOBS.reduce((sum, job) => sum + seedJob(db, job, people, now, photos), 0)
      seedShelf(db)
      return { jobs: DEMO_JOBS.length, entries }
    })
    .immediate()
}

function seedJob(
  db: Database,
  job: DemoJob,
  people: Record<Who, string>,
  now: Date,
  photos: Record<string, PhotoRow>,
): number {
  const day = new Date(now)
  day.setHours(OPEN_H + (job.steps.length % 4), 10, 0, 0)
  const start = day.getTime() - job.daysAgo * 24 * HOUR_MS
  const ids = new Map<string, string>()
  let last = Math.min(start, now.getTime() - 3 * HOUR_MS)
  /** later steps come later, never in the future */
  const timeOf = (step: Step, i: number): Date => {
    const days = Math.floor(step.hours / DAY_H)
    const wanted =
      Math.min(start, now.getTime() - 3 * HOUR_MS) + days * 24 * HOUR_MS + (step.hours - days * DAY_H) * HOUR_MS
    last = Math.min(Math.max(wanted, last + 60_000), now.getTime() - (job.steps.length - i) * 60_000)
    return new Date(last)
  }
  const entryOf = (step: Step, i: number): Entry => {
    const time = timeOf(step, i)
    const id = ulid(time.getTime())
    if (step.name) ids.set(step.name, id)
    if (step.kind === 'claim') ids.set((step.body as { text: string }).text, id)
    const body =
      step.kind === 'stand_test'
        ? { ...step.body, startedAt: time.toISOString() }
        : step.kind === 'claim_check'
          ? { ...step.body, claimId: ids.get((step.body as { claimId: string }).claimId) ?? '' }
          : step.kind === 'option'
            ? priced(step.body as OptionBody, time)
            : step.body
    return {
      id,
      kind: step.kind,
      at: time.toISOString(),
      by: people[step.who],
      how: step.how,
      body,
      supersedes: step.replaces ? (ids.get(step.replaces) ?? null) : null,
    } as Entry
  }
  const jobId = ulid(start)
  const booked = job.steps.filter(s => s.hours === 0)
  const later = job.steps.filter(s => s.hours > 0)
  const known = job.again ? machineLines(db).find(m => m.name === job.machine.name) : undefined
  const {
    kind,
    name,
    serial,
    meter: [meterReading, meterUnit, meterSource],
  } = job.machine
  const owner = row<{ id: string }>(db, 'SELECT id FROM customers WHERE name = ?', job.owner[0])
  const input = {
    id: jobId,
    customer: owner ?? { name: job.owner[0], contact: job.owner[1] },
    machine: known ? { id: known.id } : { kind, name, serial, meterReading, meterUnit, meterSource },
    facts: known ? null : job.facts,
    spec: known ? [] : job.spec,
    entries: booked.map((s, i) => entryOf(s, i)),
  }
  bookIn(db, newJobSchema.parse(input), new Date(Math.min(start, now.getTime() - 3 * HOUR_MS)).toISOString())
  if (job.fill) {
    const { sheet } = jobView(db, jobId)
    const { name: sheetName, engineClass, values } = sheetOf(db, sheet.id)
    saveSheet(db, sheet.id, { name: sheetName, engineClass, values, fill: job.fill }, people.teo)
  }
  later.forEach((step, i) => {
    const entry = entryOf(step, booked.length + i)
    if (entry.kind === 'photo') {
      const drawn = photos[entry.body.photoId]
      if (!drawn) return
      addPhoto(db, { ...drawn, jobId })
      entry.body = { ...entry.body, photoId: drawn.id, width: drawn.width, height: drawn.height }
    }
    if (safeRefusal(entry, () => entriesInForce(entriesOf(db, jobId)))) logEntry(db, jobId, madeSafe(entry))
    logEntry(db, jobId, entry.kind === 'approval' ? { ...entry, body: frozen(db, jobId, entry.body, ids) } : entry)
  })
  return job.steps.length
}

/** What an engine that was given up left behind. */
function seedShelf(db: Database): void {
  const from = row<{ id: string }>(db, 'SELECT id FROM jobs WHERE number = 202')?.id ?? null
  const put = (
    part: string,
    name: string,
    engineClass: string,
    place: string,
    priceMinor: number,
    tested: string | null,
    measured: string | null,
    quarantine: string | null = null,
  ): void => {
    addShelf(db, ulid(), {
      part,
      name,
      engineClass,
      fromJobId: from,
      grade: 'used',
      tested,
      measured,
      place,
      priceMinor,
      quarantine,
    })
  }
  put('rod', 'Rod, 344 cc', 'S4', 'Shelf 2, box 4', 1800, null, null)
  put('carburettor', 'Carburettor, 163 cc', 'S4', 'Shelf 1, box 2', 4200, 'ran on the bench, idle and load', null)
  put('cylinder', 'Cylinder, 148 cc', 'S4', 'Shelf 2, box 1', 5500, null, 'bore 65.02, taper 0.02')
  put('coil', 'Coil, 208 cc', 'S4', 'Shelf 1, box 7', 2600, 'spark at 8 mm', null, 'one of this lot failed warm')
}

/** Prices are of the day on which they were asked. */
const priced = (body: OptionBody, time: Date): OptionBody => ({
  ...body,
  lines: body.lines.map(l =>
    (l.type === 'part' || l.type === 'outwork') && l.priceKind !== 'estimate'
      ? {
          ...l,
          source: l.priceKind === 'donor' ? 'our own shelf' : 'Tollbrook Spares',
          pricedOn: time.toISOString().slice(0, 10),
        }
      : l,
  ),
})

/** What is done before a hand goes near, half a minute earlier by the same hand. */
function madeSafe({ at, by }: Entry): Entry {
  const before = new Date(Date.parse(at) - 30_000)
  return {
    id: ulid(before.getTime()),
    kind: 'made_safe',
    at: before.toISOString(),
    by,
    how: null,
    body: { done: Object.keys(SAFE_STEPS) as (keyof typeof SAFE_STEPS)[] },
    supersedes: null,
  }
}

/** The figures as the owner was shown them. */
function frozen(db: Database, jobId: string, body: ApprovalBody, ids: Map<string, string>): ApprovalBody {
  const file = jobFile(db, jobId)
  const { decision } = assess(file)
  const optionEntryId = ids.get(body.optionEntryId) ?? ''
  const option = decision.options.find(o => o.entryId === optionEntryId)
  const entry = file.entries.find(e => e.id === optionEntryId)
  if (!option || entry?.kind !== 'option')
    throw new Error(`The demo shop agrees to ${body.optionEntryId}, which is not an option of that job.`)
  const { currency, labourRateMinor, taxPct } = file.policy
  const { mean, p10, p50, p90 } = option
  return {
    ...body,
    optionEntryId,
    frozen: {
      name: entry.body.name,
      way: entry.body.way,
      lines: entry.body.lines,
      currency,
      labourRateMinor,
      taxPct,
      mean,
      p10,
      p50,
      p90,
      reasons: decision.verdict?.reasons ?? [],
    },
  }
}
