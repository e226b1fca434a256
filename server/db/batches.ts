import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import type { BadBatchBody } from '#core/entries/bad_batch/schema'
import type { Entry } from '#core/entries/types'
import type { FittedBody } from '#core/entries/fitted/schema'
import { batchMessage, sameBatch } from '#core/teardown/batches'
import type { CarrierLine, OutboxLine } from '#shared/types/records'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { row, rows, run } from './statements'

const STANDING = `
  SELECT   e.id, e.job_id AS jobId, e.at, e.body, j.number, m.id AS machineId, m.name AS machineName, c.id AS customerId, c.name AS customerName
  FROM     entries e
  JOIN     jobs j ON j.id = e.job_id
  JOIN     machines m ON m.id = j.machine_id
  JOIN     customers c ON c.id = m.customer_id
  WHERE    e.kind = ? AND NOT EXISTS (SELECT 1 FROM entries later WHERE later.supersedes = e.id)
  ORDER BY e.seq`
const SEND = 'INSERT INTO outbox (id, at, customer_id, job_id, entry_id, subject, text) VALUES (?, ?, ?, ?, ?, ?, ?)'
const TOLD = 'SELECT 1 FROM outbox WHERE job_id = ? AND text LIKE ?'
const OUTBOX = `
  SELECT   o.id, o.at, o.subject, o.text, c.name AS customerName, c.contact, c.may_message AS mayMessage, o.job_id AS jobId
  FROM     outbox o
  JOIN     customers c ON c.id = o.customer_id
  ORDER BY o.seq DESC
  LIMIT    100`

interface StandingRow {
  id: string
  jobId: string
  at: string
  body: string
  number: number
  machineId: string
  machineName: string
  customerId: string
  customerName: string
}
const standing = <B>(db: Database, kind: 'fitted' | 'bad_batch'): (StandingRow & { said: B })[] =>
  rows<StandingRow>(db, STANDING, kind).map(r => ({ ...r, said: JSON.parse(r.body) as B }))

/** A part of a batch that was proved bad is not fitted again. */
export function checkBatch(db: Database, entry: Entry): void {
  if (entry.kind !== 'fitted' || entry.body.batch === null) return
  const { batch } = entry.body
  const bad = standing<BadBatchBody>(db, 'bad_batch').find(b => sameBatch(b.said.batch, batch))
  if (bad)
    throw new Refusal(409, `Batch ${batch} is in quarantine: ${bad.said.proof} (T ${bad.number}). Fit another one.`, [
      { field: 'body.batch', message: 'This batch is in quarantine.' },
    ])
}

/** Machines that carry the batches quarantined on a job, the job's own machine left out. */
export function carriersOf(db: Database, jobId: string): CarrierLine[] {
  const bad = standing<BadBatchBody>(db, 'bad_batch').filter(b => b.jobId === jobId)
  const fitted = standing<FittedBody>(db, 'fitted')
  return bad.flatMap(b =>
    fitted
      .filter(f => f.machineId !== b.machineId && sameBatch(f.said.batch, b.said.batch))
      .map(f => ({
        jobId: f.jobId,
        number: f.number,
        machineName: f.machineName,
        customerName: f.customerName,
        what: f.said.what,
        batch: b.said.batch,
        at: f.at,
      })),
  )
}

/** One message for the shop's outbox. Runs inside the caller's transaction. */
export function say(
  db: Database,
  {
    at,
    customerId,
    jobId,
    entryId,
    subject,
    text,
  }: { at: string; customerId: string; jobId: string; entryId: string; subject: string; text: string },
): void {
  run(db, SEND, ulid(), at, customerId, jobId, entryId, subject, text)
}

/** Puts a message for each owner concerned into the outbox, once for each machine and batch, corrected or not. Runs inside the caller's transaction. */
export function tellOwners(db: Database, entry: Entry): void {
  if (entry.kind !== 'bad_batch') return
  const { batch, proof } = entry.body
  const here = standing<BadBatchBody>(db, 'bad_batch').find(b => b.id === entry.id)
  const told = new Set<string>()
  for (const f of standing<FittedBody>(db, 'fitted')) {
    if (
      f.machineId === here?.machineId ||
      !sameBatch(f.said.batch, batch) ||
      told.has(f.machineId) ||
      row(db, TOLD, f.jobId, `%batch ${batch}, %`)
    )
      continue
    told.add(f.machineId)
    const { subject, text } = batchMessage({
      owner: f.customerName,
      machine: f.machineName,
      what: f.said.what,
      batch,
      proof,
      shop: policyOf(db).shopName,
    })
    say(db, { at: entry.at, customerId: f.customerId, jobId: f.jobId, entryId: entry.id, subject, text })
  }
}

/** What waits to be said to owners, newest first. */
export const outbox = (db: Database): OutboxLine[] => rows<OutboxLine>(db, OUTBOX)
