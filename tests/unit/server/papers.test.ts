import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import migrations from '#migrations'
import { assess } from '#core/assess'
import { invoiceOf } from '#core/handover/invoice'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { newJobSchema } from '#shared/schemas/machines'
import { seedDemo } from '../../../demo/seed'
import { giveBill, jobBills } from '../../../server/db/bills'
import { bookIn, jobFile, jobView, jobsOf, logEntry } from '../../../server/db/jobs'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import { peopleOf, policyOf } from '../../../server/db/shop'
import { jobLine } from '../../../server/db/jobLines'
import { carePaper, invoicePaper, linesCsv } from '../../../server/documents/handBack'
import { jobRecord } from '../../../server/documents/jobRecord'
import { breakable, printable } from '../../../server/documents/pdf'
import { importJob, jobFileJsonSchema, jobJson } from '../../../server/documents/jobFile'
import { newFolder } from '../../server'
import { newEntry, newJob } from '../../api/shop'
import { entry, line } from '../job/file'

let db: Database
let by: string
beforeEach(() => {
  db = openDatabase(newFolder(), migrations)
})
afterEach(() => closeDatabase(db))
const NOW = new Date('2026-06-01T09:00:00Z')
const spend = (more: object) =>
  entry(
    'spend',
    { what: 'Pulley', startedAt: null, endedAt: null, minutes: null, costMinor: null, ...more },
    { how: null },
  )
const words = (paper: { content: unknown }): string => JSON.stringify(paper.content)

describe('the bill', () => {
  it('is whole coins: each stretch of time, each part that came, outwork that was accepted, tax, rounding', () => {
    const order = (state: 'arrived' | 'ordered') =>
      entry(
        'order',
        {
          what: 'Ring set',
          number: 'A1',
          supplier: 'Tollbrook',
          priceMinor: 3199,
          state,
          orderedOn: '2026-05-01',
          dueOn: '2026-05-04',
          note: null,
        },
        { how: null },
      )
    const bored = entry(
      'outwork',
      {
        what: 'Bore',
        shop: 'Barn',
        target: '52.5',
        sentOn: null,
        dueOn: null,
        days: null,
        priceMinor: 2500,
        returnedOn: '2026-05-05',
        measured: { value: 52.5, unit: 'mm' },
        verdict: 'accepted',
        note: null,
      },
      { how: null },
    )
    const bill = invoiceOf(
      [spend({ minutes: 50 }), spend({ what: 'Glue', costMinor: 333 }), order('arrived'), order('ordered'), bored],
      { ...DEFAULT_POLICY, labourRateMinor: 5800, taxPct: 19, roundToMinor: 50 },
    )
    expect(bill.labour).toEqual([{ text: 'Pulley', detail: '50 min', minor: 4833 }])
    expect(bill.parts.map(p => p.minor)).toEqual([3199, 2500, 333])
    expect([bill.netMinor, bill.taxMinor, bill.totalMinor, bill.roundingMinor]).toEqual([10865, 2064, 12950, 21])
    expect(
      Object.values(bill)
        .flat()
        .filter(x => typeof x === 'number')
        .every(Number.isInteger),
    ).toBe(true)
  })
  it('is nothing where nothing was put in, and never under the least charge once something was', () => {
    expect(invoiceOf([], DEFAULT_POLICY).totalMinor).toBe(0)
    expect(invoiceOf([spend({ minutes: 5 })], { ...DEFAULT_POLICY, minChargeMinor: 2500 }).totalMinor).toBe(2500)
  })
})

describe('the bill of what was agreed', () => {
  const frozen = {
    name: 'Repair',
    way: 'repair' as const,
    lines: [
      line('labour', 2, { text: 'Strip and build' }),
      line('part', 4000, { text: 'Rod' }),
      line('part', 9000, { text: 'Crank', chance: 0.3 }),
      line('outwork', 2500, { text: 'Bore' }),
    ],
    currency: 'EUR',
    labourRateMinor: 5000,
    taxPct: 0,
    mean: 192,
    p10: 165,
    p50: 170,
    p90: 260,
    reasons: [],
  }
  const approval = entry(
    'approval',
    { optionEntryId: ulid(), frozen, agreedBy: 'Nell', how: 'phone', conditions: null },
    { how: null },
  )
  const order = entry(
    'order',
    {
      what: 'Rod',
      number: null,
      supplier: 'Tollbrook',
      priceMinor: 4420,
      state: 'arrived',
      orderedOn: '2026-05-01',
      dueOn: '2026-05-04',
      note: null,
    },
    { how: null },
  )
  it('is what was agreed where the log has no figure of its own, at the rate of that day; what may not be needed is left out', () => {
    const bill = invoiceOf([approval], { ...DEFAULT_POLICY, labourRateMinor: 9900 })
    expect([...bill.labour, ...bill.parts].map(l => [l.text, l.minor])).toEqual([
      ['Strip and build', 10000],
      ['Rod', 4000],
      ['Bore', 2500],
    ])
    expect([bill.totalMinor, bill.asAgreed]).toEqual([16500, true])
  })
  it('a logged time takes the place of the agreed hours, a part that came the place of its line', () => {
    const bill = invoiceOf([approval, spend({ what: 'Built', minutes: 90 }), order], {
      ...DEFAULT_POLICY,
      labourRateMinor: 6000,
    })
    expect([...bill.labour, ...bill.parts].map(l => [l.text, l.minor])).toEqual([
      ['Built', 9000],
      ['Rod', 4420],
      ['Bore', 2500],
    ])
  })
  it('looking, before anything was agreed, is charged beside it', () => {
    expect(
      invoiceOf([spend({ what: 'Look', minutes: 60 }), approval], {
        ...DEFAULT_POLICY,
        labourRateMinor: 6000,
      }).labour.map(l => l.text),
    ).toEqual(['Look', 'Strip and build'])
  })
})

describe('papers and files of the demo shop', () => {
  const numbered = (number: number) => jobView(db, jobsOf(db).find(j => j.number === number)?.id ?? '')
  beforeEach(() => {
    seedDemo(db, NOW)
    by = peopleOf(db)[0]?.id ?? ''
  })
  it('an invoice shows the pulley as it was; a care card how to fill it', () => {
    const bill = words(invoicePaper(numbered(215), policyOf(db), peopleOf(db), NOW))
    for (const said of ['Tine shaft pulley: soaked, heated, pulled', '150 min', 'To pay', 'What would not come'])
      expect(bill).toContain(said)
    const care = words(carePaper(numbered(201), policyOf(db), peopleOf(db), NOW))
    for (const said of ['Care card: Thistledown 46', 'Never above the top mark']) expect(care).toContain(said)
    expect(words(invoicePaper(numbered(218), policyOf(db), peopleOf(db), NOW))).toContain('Nothing was put in yet')
  })
  it('a machine that goes out with a stop says so first on record, care card and invoice, with who took it on', () => {
    const job = newJob(by)
    bookIn(db, newJobSchema.parse(job))
    const put = (kind: string, body: object, how: string | null = null) =>
      logEntry(db, job.id, newEntry(by, kind, body, { how }) as never)
    put('check', { check: 'spark', found: [], absent: ['spark_none'], skipped: null, note: null }, 'by_eye')
    put('check', { check: 'listen', found: ['knock_load'], absent: [], skipped: null, note: null }, 'by_eye')
    expect(() => put('hand_back', { to: 'Nell', words: null })).toThrow('nobody can sign this away')
    expect(() => put('hand_back', { to: 'Nell', words: null, way: 'mended' })).toThrow('not mended')
    put('hand_back', {
      to: 'Nell',
      words: null,
      way: 'as_is',
      told: 'owner fetches it by trailer',
      disabled: 'plug lead tied off',
    })
    const view = jobView(db, job.id)
    const record = words(jobRecord(view, policyOf(db), peopleOf(db), NOW))
    for (const paper of [
      record,
      words(carePaper(view, policyOf(db), peopleOf(db), NOW)),
      words(invoicePaper(view, policyOf(db), peopleOf(db), NOW)),
    ]) {
      expect(paper).toContain('big-end knock')
      expect(paper).toContain('owner fetches it by trailer')
    }
    expect(record.indexOf('big-end knock')).toBeLessThan(record.indexOf('What was said'))
    // and the record tells the checks of the catalogue, also those that found nothing
    expect(record).toContain('Checks of the catalogue')
    expect(record).toMatch(/Spark/)
    expect(jobLine(db, job.id)).toMatchObject({ closed: true, outNotToRun: true })
  })
  it('what was billed and paid goes out with the job, and no further', () => {
    const { id } = numbered(207)
    const draft = {
      ...{ to: { name: 'Nell Brack', contact: null, taxNumber: null }, discountMinor: 0, tax: 'charged' as const },
      ...{ lines: [{ text: 'Labour', detail: null, minor: 5000, taxPct: 0, discountPct: 0 }], taxWhy: null },
      ...{ payDays: 0, words: null },
    }
    giveBill(db, id, { id: ulid(), by }, draft)
    const json = jobJson(jobView(db, id), 'EUR', jobBills(db, id))
    expect(JSON.parse(json)).toMatchObject({ bills: [{ kind: 'invoice', totalMinor: 5000 }] })
    const again = importJob(db, json, by)
    expect(jobBills(db, again.id).bills).toEqual([])
  })
  it('a word that no line can hold is given places to break', () => {
    const longest = Math.max(
      ...printable(`a ${'x'.repeat(20000)} z`)
        .split(/\s/)
        .map(w => w.length),
    )
    expect(longest).toBe(24)
    // nothing that the typeface has no shape for stands in it
    expect(printable('x'.repeat(20000))).toMatch(/^[x ]+$/)
    expect(printable('a usual line of words')).toBe('a usual line of words')
    // a line to sign on is a long word too, on a part with a style of its own
    expect(breakable({ text: `Agreed: ${'_'.repeat(30)}`, fontSize: 9 })).toEqual({
      text: [{ text: 'Agreed: ' }, { text: '_'.repeat(30), wordBreak: 'break-all' }],
      fontSize: 9,
    })
    // a number stays one: it breaks where its line ends, in a table too
    const serial = 'HX'.repeat(30)
    expect(printable(serial)).toBe(serial)
    expect(breakable({ table: { widths: ['*'], body: [[`No. ${serial}`, { text: 'plain' }]] } })).toEqual({
      table: {
        widths: ['*'],
        body: [[{ text: [{ text: 'No. ' }, { text: serial, wordBreak: 'break-all' }] }, { text: 'plain' }]],
      },
    })
  })
  it("one row that can't be read, and one job that can't be judged, stop nothing but themselves", () => {
    const [first, second] = jobsOf(db)
    const spoil = (jobId: string, kind: string, body: string) =>
      db
        .prepare(
          'INSERT INTO entries (id, job_id, kind, at, by, how, body, supersedes, recorded_at) VALUES (?, ?, ?, ?, ?, ?, ?, NULL, ?)',
        )
        .run(ulid(), jobId, kind, NOW.toISOString(), by, 'measured', body, NOW.toISOString())
    spoil(first!.id, 'oil', '{"reading":{"by":"nose"}}')
    const lines = jobsOf(db).map(j => jobLine(db, j.id))
    expect(lines).toHaveLength(jobsOf(db).length)
    expect(lines.find(l => l.id === first!.id)?.trouble).toBe("One entry of its log can't be read")
    expect(lines.find(l => l.id === second!.id)?.trouble).toBeNull()
    const view = jobView(db, first!.id)
    expect(view.unreadable).toMatchObject([{ kind: 'oil' }])
    // it goes out with the job as it lies there
    expect(JSON.parse(jobJson(view, 'EUR')).unreadable).toMatchObject([
      { kind: 'oil', raw: '{"reading":{"by":"nose"}}' },
    ])
    expect(words(jobRecord(view, policyOf(db), peopleOf(db), NOW))).toContain("can't be read")
    // facts that no judgement can work with
    db.prepare('UPDATE engines SET facts = ?, updated_at = ? WHERE machine_id = ?').run(
      '{}',
      'later',
      second!.machineId,
    )
    expect(
      jobsOf(db)
        .map(j => jobLine(db, j.id))
        .find(l => l.id === second!.id)?.trouble,
    ).toContain("Can't be judged")
  })
  it('lines as CSV, with figures a spreadsheet reads and formulas made harmless', () => {
    const csv = linesCsv(numbered(207), policyOf(db))
    expect(csv.split('\r\n')[0]).toBe(
      'way,kind_of_way,type,text,why,low,likely,high,unit,chance,price_kind,source,priced_on,cures',
    )
    expect(csv).toContain('Crankshaft,only if the pin is under size,228,245,262,EUR,0.4,retail,Tollbrook Spares,')
    const job = newJob(by)
    bookIn(db, newJobSchema.parse(job))
    logEntry(
      db,
      job.id,
      newEntry(
        by,
        'option',
        {
          name: '=SUM(A1)',
          way: 'repair',
          lines: [line('part', 100, { id: ulid() })],
          valueAfterMinor: null,
          successChance: 1,
          comebackMinor: 0,
          hoursOk: 1,
          hoursFail: 0,
          daysDown: 0,
          ruledOut: null,
        } as never,
        { how: null },
      ) as never,
    )
    expect(linesCsv(jobView(db, job.id), policyOf(db))).toContain("'=SUM(A1)")
  })
  it('every job goes out as JSON and comes in again with the same judgement', () => {
    for (const { id } of jobsOf(db)) {
      const file = jobFile(db, id)
      const again = importJob(db, jobJson(jobView(db, id), 'EUR'), by)
      const strip = (a: ReturnType<typeof assess>) => ({
        judgements: a.judgements.map(j => [j.mark, j.headline]),
        stops: a.stops.map(s => s.title),
        best: a.decision.verdict?.bestName,
        agreed: a.approved?.body.frozen.mean,
        closed: a.closed,
      })
      // history and the shop's counts belong to the shop, not to the file
      const alone = { ...file, history: [], counts: null, entries: file.entries.filter(e => e.kind !== 'photo') }
      expect(strip(assess({ ...jobFile(db, again.id), fill: file.fill, history: [], counts: null }))).toEqual(
        strip(assess(alone)),
      )
    }
  })
  it('a file with a wrong entry, another money or no format is refused, and nothing is kept', () => {
    const good = JSON.parse(jobJson(numbered(207), 'EUR')) as {
      entries: { body: unknown }[]
      format: string
      currency: string
    }
    const refused = (file: unknown): string => {
      try {
        importJob(db, typeof file === 'string' ? file : JSON.stringify(file), by)
        return ''
      } catch (error) {
        return (error as Error).message
      }
    }
    const before = jobsOf(db).length
    expect(refused('no')).toBe('This is not JSON.')
    expect(refused({ ...good, format: 'other' })).toContain('remedium-job/1')
    expect(refused({ ...good, currency: 'USD' })).toContain('Its money is in USD')
    expect(refused({ ...good, entries: [...good.entries.slice(0, 2), { ...good.entries[2], body: {} }] })).toContain(
      'Entry 3 is wrong',
    )
    expect(jobsOf(db)).toHaveLength(before)
  })
  it('a file passes the same gates as the bench, entry by entry, and nothing of it is kept where one holds', () => {
    const good = JSON.parse(jobJson(numbered(201), 'EUR')) as { entries: { kind: string }[] }
    const made = good.entries.filter(e => e.kind !== 'made_safe')
    const before = jobsOf(db).length
    expect(() => importJob(db, JSON.stringify({ ...good, entries: made }), by)).toThrow(
      /Entry \d+ \(Turns over\): Make it safe first/,
    )
    expect(jobsOf(db)).toHaveLength(before)
    const job = newJob(by)
    expect(() =>
      bookIn(
        db,
        newJobSchema.parse({
          ...job,
          entries: [
            ...job.entries,
            newEntry(by, 'turn_over', { feel: 'normal', method: 'rope', plugIn: true, note: null }, { how: 'by_feel' }),
          ],
        }),
      ),
    ).toThrow(/Entry 2 .*Make it safe first/)
  })
  it('publishes a schema with every kind of entry', () => {
    const schema = jobFileJsonSchema() as {
      $defs: Record<string, { type: string }>
      properties: { format: { const: string } }
    }
    expect(schema.properties.format.const).toBe('remedium-job/1')
    expect(Object.keys(schema.$defs)).toEqual(expect.arrayContaining(['oil', 'option', 'order', 'bore']))
  })
})
