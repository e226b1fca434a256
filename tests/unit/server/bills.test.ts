import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Database } from 'better-sqlite3'
import fc from 'fast-check'
import { ulid } from 'ulid'
import migrations from '#migrations'
import type { BillDraft, BillLine } from '#core/handover/bill'
import { billSum, creditSum, standing, stillDue } from '#core/handover/bill'
import { billDraftSchema } from '#shared/schemas/bills'
import { billById, creditBill, giveBill, jobBills, takePayment, takingsOn } from '../../../server/db/bills'
import { jobsOf, jobView } from '../../../server/db/jobs'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import { peopleOf, policyOf, savePolicy } from '../../../server/db/shop'
import { billPaper, takingsCsv } from '../../../server/documents/bill'
import { seedDemo } from '../../../demo/seed'

const line = (minor: number, more: Partial<BillLine> = {}): BillLine => ({
  ...{ text: 'Labour', detail: null, minor, taxPct: 20, discountPct: 0 },
  ...more,
})
const bill = (lines: BillLine[], more: Partial<BillDraft> = {}): BillDraft => ({
  ...{ to: { name: 'Nell Brack', contact: null, taxNumber: null }, lines, discountMinor: 0 },
  ...{ tax: 'charged', taxWhy: null, payDays: 0, words: null },
  ...more,
})
const PLAIN = { minChargeMinor: 0, roundToMinor: 1 }

describe('what a bill comes to', () => {
  it('tax by rate, each once, on what the discounts leave', () => {
    const sum = billSum(
      bill([line(10_000), line(5000, { discountPct: 10 }), line(2000, { taxPct: 5 })], { discountMinor: 1000 }),
      PLAIN,
    )
    expect(sum.lines).toEqual([10_000, 4500, 2000])
    // 1000 over 14,500 and 2,000: 879 and 121
    expect(sum.taxes).toEqual([
      { pct: 20, baseMinor: 13_621, taxMinor: 2724 },
      { pct: 5, baseMinor: 1879, taxMinor: 94 },
    ])
    expect(sum).toMatchObject({ linesMinor: 16_500, netMinor: 15_500, taxMinor: 2818, totalMinor: 18_318 })
  })
  it('no tax is no line of tax: a rate of nothing, exempt, or owed by the buyer', () => {
    expect(billSum(bill([line(100, { taxPct: 0 })]), PLAIN)).toMatchObject({ taxes: [], totalMinor: 100 })
    expect(billSum(bill([line(100)], { tax: 'exempt' }), PLAIN)).toMatchObject({ taxes: [], totalMinor: 100 })
  })
  it('the parts always make the whole, and a credit note takes it all back', () => {
    const amount = fc.integer({ min: 0, max: 1_000_000 })
    const lines = fc.array(
      fc.record({
        minor: amount,
        taxPct: fc.constantFrom(0, 5.5, 7, 19, 25),
        discountPct: fc.integer({ min: 0, max: 100 }),
      }),
      { minLength: 1, maxLength: 12 },
    )
    fc.assert(
      fc.property(lines, amount, (some, discountMinor) => {
        const sum = billSum(
          bill(
            some.map(l => line(l.minor, l)),
            { discountMinor },
          ),
          PLAIN,
        )
        expect(sum.netMinor).toBe(sum.linesMinor - Math.min(discountMinor, sum.linesMinor))
        expect(sum.totalMinor).toBe(sum.netMinor + sum.taxMinor)
        const free = some.some(l => l.taxPct === 0)
        const bases = sum.taxes.reduce((all, t) => all + t.baseMinor, 0)
        if (free) expect(bases).toBeLessThanOrEqual(sum.netMinor)
        else expect(bases).toBe(sum.netMinor)
        expect(sum.taxes.every(t => t.baseMinor >= 0)).toBe(true)
        expect(sum.totalMinor + creditSum(sum).totalMinor).toBe(0)
      }),
    )
  })
  it('what is missing is named', () => {
    const problem = (b: unknown) => billDraftSchema.safeParse(b).error?.issues[0]
    expect(problem(bill([line(1)], { tax: 'exempt' }))?.path).toEqual(['taxWhy'])
    expect(problem(bill([line(1)], { tax: 'reverse_charge', taxWhy: 'abroad' }))?.path).toEqual(['to', 'taxNumber'])
    expect(problem(bill([line(100)], { discountMinor: 101 }))?.message).toContain('more than the lines')
    expect(problem(bill([]))?.path).toEqual(['lines'])
    expect(problem(bill([line(100)]))).toBeUndefined()
  })
})

describe('bills of a shop', () => {
  let db: Database
  let by = ''
  let jobs: string[] = []
  beforeAll(() => {
    db = openDatabase(mkdtempSync(join(tmpdir(), 'remedium-bills-')), migrations)
    seedDemo(db, new Date('2026-05-04T09:00:00Z'))
    by = peopleOf(db)[0]?.id ?? ''
    jobs = jobsOf(db).map(j => j.id)
    savePolicy(db, { ...policyOf(db), firstBill: 41, taxNumber: 'TN 7', roundToMinor: 1, minChargeMinor: 0 })
  })
  afterAll(() => closeDatabase(db))
  const give = (job: string, draft = bill([line(10_000)])) => giveBill(db, job, { id: ulid(), by }, draft)

  it('one row of numbers without a gap, over all jobs and credit notes', () => {
    const [one = '', two = ''] = jobs
    const first = give(one)
    expect(first.number).toBe(41)
    expect(give(two).number).toBe(42)
    const credit = creditBill(db, one, first.id, { id: ulid(), by, why: 'wrong owner' })
    expect(credit).toMatchObject({ number: 43, kind: 'credit', answersNumber: 41, totalMinor: -12_000 })
    expect(() => creditBill(db, one, first.id, { id: ulid(), by, why: 'again' })).toThrow('by credit note 43')
    expect(() => creditBill(db, one, credit.id, { id: ulid(), by, why: 'again' })).toThrow('credit note itself')
    expect(standing(jobBills(db, one).bills)).toEqual([])
    expect(give(one).number).toBe(44)
    expect(() => billById(db, two, first.id)).toThrow('no such bill')
  })
  it('what was given stands, whatever the rules say since; the database itself refuses a change', () => {
    const given = give(jobs[2] ?? '')
    savePolicy(db, { ...policyOf(db), shopName: 'Another name', taxPct: 99 })
    expect(billById(db, jobs[2] ?? '', given.id)).toEqual(given)
    expect(() => db.prepare('UPDATE bills SET total_minor = 1 WHERE id = ?').run(given.id)).toThrow('not changed')
    expect(() => db.prepare('DELETE FROM bills').run()).toThrow('not taken out')
    expect(() => db.prepare('DELETE FROM payments').run()).not.toThrow()
  })
  it('deposits, parts of it, and what goes back: still due, and the takings of the day', () => {
    const job = jobs[3] ?? ''
    const pay = (minor: number, paidBy: 'cash' | 'card', at: string) =>
      takePayment(db, job, { id: ulid(), by, minor, paidBy, note: null }, new Date(at))
    pay(5000, 'cash', '2026-05-05T09:00:00')
    expect(jobBills(db, job).dueMinor).toBe(-5000)
    const given = give(job)
    pay(8000, 'card', '2026-05-06T10:00:00')
    pay(-1000, 'cash', '2026-05-06T11:00:00')
    const { bills, payments, dueMinor } = jobBills(db, job)
    expect(dueMinor).toBe(0)
    expect(stillDue(bills, payments)).toBe(0)
    const day = takingsOn(db, '2026-05-06')
    expect(day).toMatchObject({ totalMinor: 7000 })
    expect(day.sums).toEqual([
      { paidBy: 'card', minor: 8000 },
      { paidBy: 'cash', minor: -1000 },
    ])
    expect(takingsCsv(day)).toContain(',Card,80,')
    expect(() => db.prepare('DELETE FROM payments').run()).toThrow('pay back')
    const paper = JSON.stringify(billPaper(given, jobView(db, job), policyOf(db), peopleOf(db), { payments, dueMinor }))
    for (const said of [
      `Invoice ${given.number}`,
      'Tax number TN 7',
      'Tax 20 % of',
      'Still due for this job',
      'paid back',
    ])
      expect(paper).toContain(said)
  })
  it("is written in the owner's language where the shop has written it, with its own figures and days", () => {
    const job = jobs[4] ?? ''
    const words = { invoice: 'Rechnung {number}', total: 'Summe', tax_of: '{pct} % Steuer auf {sum}' }
    const policy = { ...policyOf(db), languages: [{ name: 'Deutsch', locale: 'de-DE' as const, words }] }
    const given = give(job, bill([line(123_450, { taxPct: 7.5 })]))
    const view = jobView(db, job)
    const paper = (language: string | null) =>
      JSON.stringify(
        billPaper(given, { ...view, customer: { ...view.customer, language } }, policy, peopleOf(db), {
          ...{ payments: [], dueMinor: 0 },
        }),
      ).replace(/[\u00a0\u202f]/g, ' ')
    const [german, english] = [paper('Deutsch'), paper('Nobody wrote this one')]
    const [year, month, day] = given.givenAt.slice(0, 10).split('-')
    for (const said of [`Rechnung ${given.number}`, 'Summe', '7,5 % Steuer auf 1.234,50 €', `${day}.${month}.${year}`])
      expect(german).toContain(said)
    // not written: as it is here
    expect(german).toContain('To be paid at once')
    for (const said of [`Invoice ${given.number}`, 'Tax 7.5 % of €1,234.50', 'Total']) expect(english).toContain(said)
  })
  it('what must not be done with the machine leads its bill too', () => {
    const view = jobsOf(db)
      .map(j => jobView(db, j.id))
      .find(v => v.number === 215)
    if (!view) throw new Error('The demo shop has no T 215.')
    const paper = JSON.stringify(
      billPaper(give(view.id), view, policyOf(db), peopleOf(db), { payments: [], dueMinor: 0 }),
    )
    expect(paper.indexOf("Don't start it")).toBeGreaterThan(0)
    expect(paper.indexOf("Don't start it")).toBeLessThan(paper.indexOf('Without tax'))
  })
})
