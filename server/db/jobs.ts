import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { assess } from '#core/assess'
import type { Entry, WaitingBody } from '#core/job/entries'
import { entriesInForce, latest, ofKind } from '#core/job/entries'
import type { JobFile, Visit } from '#core/job/jobFile'
import { needsSafe, safeRefusal } from '#core/job/makeSafe'
import { fuelPath, refillRefusal } from '#core/oil/fuelPath'
import { RENEWING } from '#core/job/vocabulary'
import type { Way } from '#core/job/vocabulary'
import type { Stop } from '#core/judgement'
import { linesInHand, missing, needs, partsMove } from '#core/parts/needs'
import { condemned } from '#core/teardown/judgePart'
import type { JobView, NewJobParsed } from '#shared/types/records'
import { checkBatch, tellOwners } from './batches'
import { causeCounts } from './cases'
import { appendEntry, entriesOf } from './entries'
import { addCustomer, addMachine, customerOf, engineOf, machineOf, saveMeter } from './machines'
import { knownPhoto } from './photos'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { row, rows, run } from './statements'

const JOB = 'SELECT id, number, machine_id AS machineId, created_at AS createdAt FROM jobs WHERE id = ?'
const JOBS = 'SELECT id, number, machine_id AS machineId, created_at AS createdAt FROM jobs ORDER BY number DESC'
const JOBS_OF_MACHINE = 'SELECT id, number, created_at AS createdAt FROM jobs WHERE machine_id = ? ORDER BY number DESC'
const NEXT_NUMBER = 'SELECT COALESCE(MAX(number), 200) + 1 AS number FROM jobs'
const ADD_JOB = 'INSERT INTO jobs (id, number, machine_id, created_at) VALUES (?, ?, ?, ?)'

export interface JobRow { id: string, number: number, machineId: string, createdAt: string }

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
    entries: entriesOf(db, id),
    history: visitsOf(db, machine.id).filter(v => v.number < job.number),
    counts: causeCounts(db, engine.facts.engineClass, job.id),
  }
}

/** The visits of a machine, oldest first, with what stands on each log. */
export function visitsOf(db: Database, machineId: string): (Visit & { id: string })[] {
  return jobsOfMachine(db, machineId).reverse().map(j => ({ id: j.id, number: j.number, at: j.createdAt, entries: entriesInForce(entriesOf(db, j.id)) }))
}

/** A view is a file with the shop's policy put to it. */
export const fileOf = ({ machine, facts, spec, fill, entries, history, counts }: JobView, policy: JobFile['policy']): JobFile => ({ machineKind: machine.kind, facts, spec, fill, entries, history, policy, counts })

export const jobsOfMachine = (db: Database, machineId: string): { id: string, number: number, createdAt: string }[] => rows(db, JOBS_OF_MACHINE, machineId)

/** What a job is judged from. */
export function jobFile(db: Database, id: string): JobFile {
  return fileOf(jobView(db, id), policyOf(db))
}

/**
 * Books a machine in: owner, machine, engine, sheet, job and first entries together, or nothing of it.
 * @returns `repeated` when this very job was booked in before
 */
export function bookIn(db: Database, { id, customer, machine, facts, spec, sheetId, entries }: NewJobParsed, at = new Date().toISOString()): { result: 'stored' | 'repeated', number: number } {
  return db.transaction(() => {
    const known = row<JobRow>(db, JOB, id)
    if (known) {
      for (const entry of entries) {
        if (appendEntry(db, id, entry) === 'stored') throw new Refusal(409, 'A job with this id is booked in already, with other words. Nothing was changed.')
      }
      return { result: 'repeated' as const, number: known.number }
    }
    const machineId = 'id' in machine ? machineOf(db, machine.id).id : newMachine()
    const { number } = row<{ number: number }>(db, NEXT_NUMBER) ?? { number: 201 }
    run(db, ADD_JOB, id, number, machineId, at)
    for (const entry of entries) {
      appendEntry(db, id, entry)
      keepMeter(db, machineId, entry)
    }
    return { result: 'stored' as const, number }

    function newMachine(): string {
      if ('id' in machine || facts === null) throw new Refusal(422, 'Say what kind of engine it has.', [{ field: 'facts', message: 'The engine facts are missing; “unknown” is an answer.' }])
      const customerId = 'id' in customer ? customerOf(db, customer.id).id : addCustomer(db, customer)
      return addMachine(db, customerId, machine, facts, spec, sheetId)
    }
  }).immediate()
}

/** Puts an entry on a job's log; what an owner agrees to must be what the figures say now. */
export function logEntry(db: Database, jobId: string, entry: Entry): 'stored' | 'repeated' {
  return db.transaction(() => {
    const job = jobOf(db, jobId)
    const result = appendEntry(db, jobId, entry, (e) => {
      checkApproval(db, jobId, e)
      checkSafe(db, jobId, e)
      checkBatch(db, e)
      checkRefill(db, jobId, e)
      checkPhoto(db, jobId, e)
      checkLash(db, jobId, e)
      checkAsFound(db, jobId, e)
      checkValveLeak(db, jobId, e)
      checkSignature(db, jobId, e)
      checkSpend(db, jobId, e)
    })
    if (result === 'stored') {
      keepMeter(db, job.machineId, entry)
      tellOwners(db, entry)
      moveParts(db, jobId, entry)
    }
    return result
  }).immediate()
}

/** No hand near parts that turn, fall or spring before the machine was made safe. */
function checkSafe(db: Database, jobId: string, entry: Entry): void {
  if (!needsSafe(entry)) return
  const refusal = safeRefusal(entry, entriesInForce(entriesOf(db, jobId)))
  if (refusal) throw new Refusal(409, refusal)
}

/** Fresh oil goes in only once the way of the fuel is proved dry: a certain waste and a danger otherwise. */
function checkRefill(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'fluid' || entry.body.action !== 'filled') return
  const file = jobFile(db, jobId)
  const refusal = refillRefusal(fuelPath(entriesInForce(file.entries), file.facts))
  if (refusal) throw new Refusal(409, refusal)
  const cause = assess(file).stops.find(s => s.id === 'cause' && !s.signed)
  if (cause) throw new Refusal(409, `No refill yet. ${cause.title}: ${cause.reason} ${cause.clearedBy}`)
}

/** A valve's leak is tested as found before anything is done to it. */
function checkValveLeak(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'valve_leak' || entry.body.when !== 'after') return
  const asFound = ofKind(entriesInForce(entriesOf(db, jobId)), 'valve_leak').some(e => e.body.when === 'as_found' && e.body.valve === entry.body.valve && e.id !== entry.supersedes)
  if (!asFound) throw new Refusal(409, 'Test this valve as found first: once it is lapped or cut, nobody can know what it was.', [{ field: 'body.when', message: 'Log it as found first.' }])
}

/** How a cover lay is written down before it comes off, and stays as it was written once it is off. */
function checkAsFound(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'as_found' && entry.kind !== 'void') return
  const inForce = entriesInForce(entriesOf(db, jobId))
  const target = entry.supersedes === null ? undefined : ofKind(inForce, 'as_found').find(e => e.id === entry.supersedes)
  const name = (words: string): string => words.trim().toLowerCase()
  const covers = [target?.body.cover, entry.kind === 'as_found' ? entry.body.cover : undefined].flatMap(c => c === undefined ? [] : [name(c)])
  const off = ofKind(inForce, 'fasteners').find(e => covers.includes(name(e.body.cover)))
  if (off) throw new Refusal(409, `${off.body.cover} is off already: what it looked like before can't be written down now. Write what is remembered into a note.`, [{ field: 'body.cover', message: 'Its fasteners are logged already.' }])
}

/** Lash as found is written down before anybody turns a screw, and stays as it was once it was set. */
function checkLash(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'lash') return
  const standing = ofKind(entriesInForce(entriesOf(db, jobId)), 'lash')
  const asFound = standing.find(e => e.body.state === 'as_found')
  if (entry.body.state === 'set' && (!asFound || asFound.id === entry.supersedes)) throw new Refusal(409, 'Read the lash as found and log it first: once a screw is turned, nobody can know what it was.', [{ field: 'body.state', message: 'Log it as found first.' }])
  if (entry.supersedes !== null && entry.supersedes === asFound?.id && standing.some(e => e.body.state === 'set')) throw new Refusal(409, 'The lash as found is locked: it has been set since. Write what is to be said into a note.')
}

/** Some stops nobody may take on. */
function checkSignature(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'sign_off') return
  const stop = assess(jobFile(db, jobId)).stops.find(s => s.id === entry.body.stopId)
  if (!stop) throw new Refusal(409, 'That stop is not there any more.')
  if (!stop.canSign) throw new Refusal(409, `“${stop.title}” can't be signed off. It ends only so: ${stop.clearedBy}`)
}

/** Past the owner's cap no clock is started before the owner has answered; what was spent is always written down. */
function checkSpend(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'spend' || entry.body.endedAt !== null || entry.body.minutes !== null || entry.body.startedAt === null) return
  const { spend, stops } = assess(jobFile(db, jobId))
  if (spend.running && spend.running.id !== entry.supersedes) throw new Refusal(409, `A clock runs already: ${spend.running.body.what}. Stop it first.`)
  const stop = stops.find(s => s.id === 'spend')
  if (stop && spend.state === 'over_cap') throw new Refusal(409, `${stop.title}: ${stop.reason} ${stop.clearedBy}`)
}

/** An order or outwork puts the job on hold until all of it is here, and takes it off again. Runs inside the caller's transaction. */
function moveParts(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'order' && entry.kind !== 'outwork') return
  const file = jobFile(db, jobId)
  const inForce = entriesInForce(file.entries)
  const said = latest(inForce, 'waiting')
  const all = needs(linesInHand(inForce, assess(file).decision.verdict?.bestId ?? null), inForce)
  const move = partsMove(all, said?.body.for ?? null)
  if (move === null || (said?.body.for ?? 'nobody') === move) return
  const what = move === 'nobody' ? null : missing(all).map(n => n.text).slice(0, 3).join(', ').slice(0, 300)
  nowWaits(db, jobId, entry, { for: move, what })
}

/** Who has the next move; takes the place of what was said before. Runs inside the caller's transaction. */
export function nowWaits(db: Database, jobId: string, { by, at }: Pick<Entry, 'by' | 'at'>, body: WaitingBody): void {
  const said = latest(entriesInForce(entriesOf(db, jobId)), 'waiting')
  appendEntry(db, jobId, { id: ulid(), kind: 'waiting', at, by, how: null, body, supersedes: said?.id ?? null })
}

/** A picture is on disk before an entry shows it. */
function checkPhoto(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind === 'photo' && knownPhoto(db, entry.body.photoId)?.jobId !== jobId) throw new Refusal(422, 'The picture itself has not arrived: send it again.', [{ field: 'body.photoId', message: 'Send the picture first.' }])
}

function keepMeter(db: Database, machineId: string, entry: Entry): void {
  if (entry.kind !== 'meter' || entry.body.reading === null) return
  saveMeter(db, machineId, entry.by, { meterReading: entry.body.reading, meterUnit: entry.body.unit, meterSource: entry.body.source })
}

/** New parts are not agreed for an engine that would kill them again. */
function checkCause(file: JobFile, stops: Stop[], { way, entryId }: { way: Way, entryId: string }): void {
  if (!RENEWING.includes(way)) return
  const stop = stops.find(s => s.id === 'cause')
  const cures = file.entries.some(e => e.id === entryId && e.kind === 'option' && e.body.lines.some(l => l.cures))
  const held = condemned(entriesInForce(file.entries)).length > 0 && !cures
  if ((stop && !stop.signed) || (!stop && held)) throw new Refusal(409, stop ? `${stop.title}: ${stop.reason} ${stop.clearedBy}` : 'No line of this way cures the first cause. Mark the line that does, or choose the way that has one.')
}

function checkApproval(db: Database, jobId: string, entry: Entry): void {
  if (entry.kind !== 'approval') return
  const file = jobFile(db, jobId)
  const { decision, stops } = assess(file)
  const option = decision.options.find(o => o.entryId === entry.body.optionEntryId)
  const { frozen } = entry.body
  if (!option) throw new Refusal(409, 'The way that was agreed has been changed or taken back. Look at it again before it is agreed.')
  checkCause(file, stops, option)
  const lines = file.entries.find(e => e.id === option.entryId)
  const sameLines = lines?.kind === 'option' && JSON.stringify(lines.body.lines) === JSON.stringify(frozen.lines)
  const sameSum = Math.abs(option.mean - frozen.mean) < 0.01 && Math.abs(option.p90 - frozen.p90) < 0.01
  if (!sameLines || !sameSum || option.name !== frozen.name) {
    throw new Refusal(409, 'The figures changed since they were shown. Look at them again before they are agreed.')
  }
}
