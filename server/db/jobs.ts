import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { assess } from '#core/assess'
import type { BodyOf, Entry } from '#core/entries/types'
import type { WaitingBody } from '#core/entries/waiting/schema'
import { refusal } from '#core/gates'
import { describe } from '#core/entries/say'
import { entriesInForce } from '#core/log/entry'
import { keepWatches } from './watches'
import { keptOf } from '#core/entries/kept'
import { meterThatCounts } from '#core/entries/meter/runningTime'
import type { JobFile, Visit } from '#core/entries/file'
import { linesInHand, missing, needs, partsMove } from '#core/parts/needs'
import type { JobView, NewJobParsed } from '#shared/types/records'
import { checkBatch, tellOwners } from './batches'
import { causeCounts } from './cases'
import { appendEntry, entriesOf, logOf } from './entries'
import { addCustomer, addMachine, customerOf, engineOf, machineOf, meterBefore, saveMeter } from './machines'
import { knownPhoto } from './photos'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { atOnce, row, rows, run } from './statements'

const JOB = 'SELECT id, number, machine_id AS machineId, created_at AS createdAt FROM jobs WHERE id = ?'
const JOBS = 'SELECT id, number, machine_id AS machineId, created_at AS createdAt FROM jobs ORDER BY number DESC'
const JOBS_OF_MACHINE = 'SELECT id, number, created_at AS createdAt FROM jobs WHERE machine_id = ? ORDER BY number DESC'
const NEXT_NUMBER = 'SELECT COALESCE(MAX(number), 200) + 1 AS number FROM jobs'
const UNDONE = 'SELECT kind, body FROM entries WHERE id = ?'
const ADD_JOB = 'INSERT INTO jobs (id, number, machine_id, created_at) VALUES (?, ?, ?, ?)'

export interface JobRow {
  id: string
  number: number
  machineId: string
  createdAt: string
}

export function jobOf(db: Database, id: string): JobRow {
  const found = row<JobRow>(db, JOB, id)
  if (!found) throw new Refusal(404, 'There is no such job. It may have been typed wrongly; look on Today.')
  return found
}

export const jobsOf = (db: Database): JobRow[] => rows<JobRow>(db, JOBS)

export function jobView(db: Database, id: string): JobView {
  const job = jobOf(db, id)
  const machine = machineOf(db, job.machineId)
  const engine = engineOf(db, machine.id)
  return {
    id: job.id,
    number: job.number,
    createdAt: job.createdAt,
    customer: customerOf(db, machine.customerId),
    machine,
    facts: engine.facts,
    spec: engine.spec,
    fill: engine.fill,
    sheet: { id: engine.sheetId, name: engine.sheetName },
    ...logOf(db, id),
    history: visitsOf(db, machine.id, job.number),
    counts: causeCounts(db, engine.facts.engineClass, job.id),
  }
}

/** The visits of a machine, oldest first, with what stands on each log; with `before`, those before the job of that number. */
export function visitsOf(
  db: Database,
  machineId: string,
  before = Number.MAX_SAFE_INTEGER,
): (Visit & { id: string })[] {
  return jobsOfMachine(db, machineId)
    .filter(j => j.number < before)
    .reverse()
    .map(j => ({ id: j.id, number: j.number, at: j.createdAt, entries: entriesInForce(entriesOf(db, j.id)) }))
}

/** A view is a file with the shop's policy put to it. */
export const fileOf = (
  { machine, facts, spec, fill, entries, history, counts }: JobView,
  policy: JobFile['policy'],
): JobFile => ({ machineKind: machine.kind, facts, spec, fill, entries, history, policy, counts })

export const jobsOfMachine = (db: Database, machineId: string): { id: string; number: number; createdAt: string }[] =>
  rows(db, JOBS_OF_MACHINE, machineId)

/** What a job is judged from. */
export function jobFile(db: Database, id: string): JobFile {
  return fileOf(jobView(db, id), policyOf(db))
}

/**
 * Books a machine in: owner, machine, engine, sheet, job and first entries together, or nothing of it.
 * @param before the entries were logged elsewhere and come from a file
 * @returns `repeated` when this very job was booked in before
 */
export function bookIn(
  db: Database,
  { id, customer, machine, facts, spec, sheetId, entries }: NewJobParsed,
  at = new Date().toISOString(),
  before = false,
): { result: 'stored' | 'repeated'; number: number } {
  return db
    .transaction(() => {
      const known = row<JobRow>(db, JOB, id)
      if (known) {
        for (const entry of entries) {
          if (appendEntry(db, id, entry, e => admit(db, id, e, () => jobFile(db, id), before)) === 'stored')
            throw new Refusal(409, 'A job with this id is booked in already, with other words. Nothing was changed.')
        }
        return { result: 'repeated' as const, number: known.number }
      }
      const machineId = 'id' in machine ? machineOf(db, machine.id).id : newMachine()
      const { number } = row<{ number: number }>(db, NEXT_NUMBER) ?? { number: 201 }
      run(db, ADD_JOB, id, number, machineId, at)
      // each entry is held against those before it, as if they had been logged one by one
      const file = jobFile(db, id)
      for (const [i, entry] of entries.entries()) {
        try {
          appendEntry(db, id, entry, e => admit(db, id, e, file, before))
        } catch (error) {
          if (!(error instanceof Refusal)) throw error
          throw new Refusal(
            error.status,
            `Entry ${i + 1} (${describe(entry, file.policy).title}): ${error.message}`,
            error.fields.map(f => ({ ...f, field: `entries.${i}.${f.field}` })),
          )
        }
        file.entries.push(entry)
        keepMeter(db, machineId, entry)
        keepWatches(db, machineId, entry)
      }
      return { result: 'stored' as const, number }

      function newMachine(): string {
        if ('id' in machine || facts === null)
          throw new Refusal(422, 'Say what kind of engine it has.', [
            { field: 'facts', message: 'The engine facts are missing; “unknown” is an answer.' },
          ])
        const customerId = 'id' in customer ? customerOf(db, customer.id).id : addCustomer(db, customer)
        return addMachine(db, customerId, machine, facts, spec, sheetId)
      }
    })
    .immediate()
}

/** Puts an entry on a job's log. */
export function logEntry(db: Database, jobId: string, entry: Entry): 'stored' | 'repeated' {
  return atOnce(db, () => {
    const job = jobOf(db, jobId)
    const result = appendEntry(db, jobId, entry, e => admit(db, jobId, e, () => jobFile(db, jobId)))
    if (result === 'stored') {
      keepMeter(db, job.machineId, entry)
      keepWatches(db, job.machineId, entry)
      tellOwners(db, entry)
      moveParts(db, jobId, entry)
    }
    return result
  })
}

/**
 * What every entry passes before it is stored, whichever way it comes.
 * @param before it was logged elsewhere and comes from a file
 * @throws Refusal 409 at one of the trade's gates, 422 where a picture is missing
 */
function admit(db: Database, jobId: string, entry: Entry, file: JobFile | (() => JobFile), before = false): void {
  const held = refusal(entry, file, before)
  if (held) throw new Refusal(409, held.message, held.fields)
  checkBatch(db, entry)
  checkPhoto(db, jobId, entry)
}

/** An order or outwork puts the job on hold until all of it is here, and takes it off again. Runs inside the caller's transaction. */
function moveParts(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'order' && entry.kind !== 'outwork') return
  const file = jobFile(db, jobId)
  const inForce = entriesInForce(file.entries)
  const said = keptOf(inForce).waiting.at(-1)
  const all = needs(linesInHand(inForce, assess(file).decision.verdict?.bestId ?? null), inForce)
  const move = partsMove(all, said?.body.for ?? null)
  if (move === null || (said?.body.for ?? 'nobody') === move) return
  const what =
    move === 'nobody'
      ? null
      : missing(all)
          .map(n => n.text)
          .slice(0, 3)
          .join(', ')
          .slice(0, 300)
  nowWaits(db, jobId, entry, { for: move, what })
}

/** Who has the next move; takes the place of what was said before. Runs inside the caller's transaction. */
export function nowWaits(db: Database, jobId: string, { by, at }: Pick<Entry, 'by' | 'at'>, body: WaitingBody): void {
  const said = keptOf(entriesInForce(entriesOf(db, jobId))).waiting.at(-1)
  appendEntry(db, jobId, { id: ulid(), kind: 'waiting', at, by, how: null, body, supersedes: said?.id ?? null })
}

/** A picture is on disk before an entry shows it. */
function checkPhoto(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind === 'photo' && knownPhoto(db, entry.body.photoId)?.jobId !== jobId)
    throw new Refusal(422, 'The picture itself has not arrived: send it again.', [
      { field: 'body.photoId', message: 'Send the picture first.' },
    ])
}

/** The running time that stands on the log stands on the machine too: a new reading, one that was put right, and what is left when one was undone. */
function keepMeter(db: Database, machineId: string, entry: Entry): void {
  if (entry.kind === 'void') return meterUndone(db, machineId, entry)
  if (entry.kind !== 'meter' || entry.body.reading === null) return
  // what is only told never takes the place of what was read
  const counts = meterThatCounts(visitsOf(db, machineId).flatMap(v => keptOf(v.entries).meter))
  saveMeter(db, machineId, entry.by, meterOf((counts ?? entry).body))
}

const meterOf = ({ reading, unit, source }: BodyOf['meter']): Parameters<typeof saveMeter>[3] => ({
  meterReading: reading,
  meterUnit: unit,
  meterSource: source,
})

function meterUndone(db: Database, machineId: string, entry: Entry): void {
  const undone = row<{ kind: string; body: string }>(db, UNDONE, entry.supersedes)
  if (undone?.kind !== 'meter') return
  const { reading } = JSON.parse(undone.body) as BodyOf['meter']
  const left = meterThatCounts(visitsOf(db, machineId).flatMap(v => keptOf(v.entries).meter))
  const before = left ? meterOf(left.body) : meterBefore(db, machineId, reading)
  if (before) saveMeter(db, machineId, entry.by, before)
}
