import type { Database } from 'better-sqlite3'
import dayjs from 'dayjs'
import { billSum, creditSum, stillDue } from '#core/handover/bill'
import type { BillDraft, GivenBill, Payment } from '#core/handover/bill'
import { proposedBill } from '#core/handover/proposedBill'
import { entriesInForce } from '#core/log/entry'
import type { JobBills, TakingLine, Takings } from '#shared/types/records'
import { entriesOf } from './entries'
import { jobOf } from './jobs'
import { customerOf, machineOf } from './machines'
import { Refusal } from './refusal'
import { knownPerson, policyOf } from './shop'
import { row, rows, run } from './statements'

const BILLS = `
  SELECT b.id, b.number, b.job_id AS jobId, b.kind, b.answers, a.number AS answersNumber, b.by, b.given_at AS givenAt, b.total_minor AS totalMinor, b.body
  FROM   bills b
  LEFT   JOIN bills a ON a.id = b.answers`
const OF_JOB = `${BILLS} WHERE b.job_id = ? ORDER BY b.number`
const ONE = `${BILLS} WHERE b.id = ?`
const CREDIT_OF = 'SELECT number FROM bills WHERE answers = ?'
const LAST = 'SELECT number FROM bills ORDER BY number DESC LIMIT 1'
const GIVE =
  'INSERT INTO bills (id, number, job_id, kind, answers, by, given_at, total_minor, body) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)'
const PAYMENTS = 'SELECT id, at, by, minor, paid_by AS paidBy, note FROM payments WHERE job_id = ? ORDER BY at'
const PAY = 'INSERT INTO payments (id, job_id, by, at, day, minor, paid_by, note) VALUES (?, ?, ?, ?, ?, ?, ?, ?)'
const TAKEN = `
  SELECT   p.id, p.at, p.by, p.minor, p.paid_by AS paidBy, p.note, j.id AS jobId, j.number, m.name AS machine, c.name AS owner
  FROM     payments p
  JOIN     jobs j ON j.id = p.job_id
  JOIN     machines m ON m.id = j.machine_id
  JOIN     customers c ON c.id = m.customer_id
  WHERE    p.day = ?
  ORDER BY p.at`

interface BillRow extends Omit<GivenBill, 'head' | 'draft' | 'sum' | 'why'> {
  jobId: string
  body: string
}
const asBill = ({ body, jobId: _, ...bill }: BillRow): GivenBill => ({
  ...bill,
  ...(JSON.parse(body) as Body),
})

const billsOf = (db: Database, jobId: string): GivenBill[] => rows<BillRow>(db, OF_JOB, jobId).map(asBill)

/** @throws Refusal 404 for a bill that is none of this job */
export function billById(db: Database, jobId: string, id: string): GivenBill {
  const found = row<BillRow>(db, ONE, id)
  if (!found || found.jobId !== jobId) throw new Refusal(404, 'There is no such bill on this job.')
  return asBill(found)
}

/** What a job's bill may begin with, the bills that were given, what was paid, and what is still due. */
export function jobBills(db: Database, jobId: string): JobBills {
  const { machineId } = jobOf(db, jobId)
  const owner = customerOf(db, machineOf(db, machineId).customerId)
  const policy = policyOf(db)
  const bills = billsOf(db, jobId)
  const payments = rows<Payment>(db, PAYMENTS, jobId)
  return {
    proposed: proposedBill(entriesInForce(entriesOf(db, jobId)), policy),
    to: { name: owner.name, contact: owner.contact || null, taxNumber: bills.at(-1)?.draft.to.taxNumber ?? null },
    ...{ bills, payments, dueMinor: stillDue(bills, payments) },
  }
}

interface Given {
  id: string
  by: string
}

/** The next of the row: two counters at once never get the same, and none is left out. Runs inside the caller's transaction. */
const nextNumber = (db: Database): number =>
  Math.max((row<{ number: number }>(db, LAST)?.number ?? 0) + 1, policyOf(db).firstBill)

type Body = Pick<GivenBill, 'head' | 'draft' | 'sum' | 'why'>
type Row = Given & Pick<GivenBill, 'kind' | 'answers'> & { at: Date }

function put(db: Database, jobId: string, { id, by, kind, answers, at }: Row, body: Body): GivenBill {
  const text = JSON.stringify(body)
  run(db, GIVE, id, nextNumber(db), jobId, kind, answers, by, at.toISOString(), body.sum.totalMinor, text)
  return billById(db, jobId, id)
}

/** Gives a bill: from now on nothing of it changes. Runs inside the caller's transaction. */
export function giveBill(
  db: Database,
  jobId: string,
  { id, by }: Given,
  draft: BillDraft,
  now = new Date(),
): GivenBill {
  knownPerson(db, by)
  const policy = policyOf(db)
  const sum = billSum(draft, policy)
  const { shopName, shopAddress, taxNumber, currency } = policy
  const body = { head: { shopName, shopAddress, taxNumber, currency }, draft, sum, why: null }
  return put(db, jobId, { id, by, kind: 'invoice', answers: null, at: now }, body)
}

/**
 * Takes a bill back by a credit note over all of it. Runs inside the caller's transaction.
 * @throws Refusal 409 for a credit note, and for a bill that was taken back already
 */
export function creditBill(
  db: Database,
  jobId: string,
  billId: string,
  { id, by, why }: Given & { why: string },
  now = new Date(),
): GivenBill {
  knownPerson(db, by)
  const bill = billById(db, jobId, billId)
  if (bill.kind === 'credit')
    throw new Refusal(409, `No. ${bill.number} is a credit note itself: give a new bill instead.`)
  const known = row<{ number: number }>(db, CREDIT_OF, billId)
  if (known) throw new Refusal(409, `Bill ${bill.number} was taken back already, by credit note ${known.number}.`)
  const sum = creditSum(bill.sum)
  const body = { head: bill.head, draft: bill.draft, sum, why }
  return put(db, jobId, { id, by, kind: 'credit', answers: billId, at: now }, body)
}

/** Puts money down that came or went. Runs inside the caller's transaction. */
export function takePayment(
  db: Database,
  jobId: string,
  { id, by, minor, paidBy, note }: Omit<Payment, 'at'>,
  now = new Date(),
): Payment {
  knownPerson(db, by)
  const at = now.toISOString()
  run(db, PAY, id, jobId, by, at, dayjs(now).format('YYYY-MM-DD'), minor, paidBy, note)
  return { id, at, by, minor, paidBy, note }
}

/** What came over the counter on a day of the shop's clock. */
export function takingsOn(db: Database, day: string): Takings {
  const lines = rows<TakingLine>(db, TAKEN, day)
  const by = new Map<TakingLine['paidBy'], number>()
  for (const l of lines) by.set(l.paidBy, (by.get(l.paidBy) ?? 0) + l.minor)
  return {
    ...{ day, lines, currency: policyOf(db).currency },
    sums: [...by].map(([paidBy, minor]) => ({ paidBy, minor })),
    totalMinor: lines.reduce((sum, l) => sum + l.minor, 0),
  }
}
