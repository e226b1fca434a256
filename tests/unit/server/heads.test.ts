import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import migrations from '#migrations'
import type { Entry } from '#core/entries/types'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { newJobSchema } from '#shared/schemas/machines'
import { alikeCases, causeCounts } from '../../../server/db/cases'
import { findAnything, putWords } from '../../../server/db/find'
import { closedLines, jobLine, keepHeads, refreshHeads, todayJson, outLines } from '../../../server/db/jobLines'
import { bookIn, logEntry } from '../../../server/db/jobs'
import { customersOf, engineOf, machineLines, machineOf, updateMachine } from '../../../server/db/machines'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import { importPrices } from '../../../server/db/prices'
import { sheetLines } from '../../../server/db/sheets'
import { addShelf, saveShelf, shelfFields } from '../../../server/db/shelf'
import { addPerson, savePolicy } from '../../../server/db/shop'
import { prepared } from '../../../server/db/statements'
import type { JobLine } from '#shared/types/records'
import { newFolder } from '../../server'
import { newEntry, newJob, oilBody } from '../../api/shop'

let db: Database
let by: string
beforeEach(() => {
  db = openDatabase(newFolder(), migrations)
  by = addPerson(db, { name: 'Ada Quill', initials: 'AQ', active: true }).id
})
afterEach(() => closeDatabase(db))

const todayLines = (...asked: Parameters<typeof todayJson>) => JSON.parse(todayJson(...asked)) as JobLine[]

const book = (more = {}): string => {
  const job = newJob(by, more)
  bookIn(db, newJobSchema.parse(job))
  return job.id
}
const log = (job: string, kind: string, body: object, more: object = {}): Entry => {
  const entry = newEntry(by, kind as 'note', body as never, { how: null, ...more }) as Entry
  logEntry(db, job, entry)
  return entry
}
const back = (job: string, way = 'mended'): Entry =>
  log(job, 'hand_back', { to: 'N', words: 'as it came', way, told: 'said so', disabled: 'lead tied off', owed: [] })
const named = (job: string, causeId: string | null, proof = 'probable', more: object = {}): Entry =>
  log(
    job,
    'cause_found',
    { causeId, text: causeId ? null : 'who knows', proof, provedBy: 'seen', missing: null, chain: [] },
    more,
  )
const ids = (lines: { id: string }[]): string[] => lines.map(l => l.id)

describe('Today', () => {
  it('holds what is open, what went out not to be run, and the newest that were handed back; nothing older', () => {
    const old = Array.from({ length: 9 }, () => {
      const id = book()
      back(id)
      return id
    })
    const open = book()
    const out = book()
    log(out, 'oil', oilBody(900), { how: 'measured' })
    back(out, 'as_is')
    const now = todayLines(db, Infinity)
    expect(todayLines(db, 0)).toEqual(now)
    expect(ids(now).slice(0, 2)).toEqual([out, open])
    expect(now[0]).toMatchObject({ closed: true, outNotToRun: true })
    // five of the nine, and the one that is out, are the six newest
    expect(ids(now)).not.toContain(old[3])
    expect(now).toHaveLength(7)
    // the others are a page of their own, by number
    expect(ids(closedLines(db, now.at(-1)!.number, 3))).toEqual([old[3], old[2], old[1]])
  })
  it('a hand-back that is undone brings the job back at once', () => {
    const id = book()
    const handed = back(id)
    expect(jobLine(db, id).closed).toBe(true)
    expect(machineLines(db).filter(m => m.open)).toEqual([])
    log(id, 'void', { reason: 'not yet' }, { supersedes: handed.id })
    expect(todayLines(db, Infinity)).toMatchObject([{ id, closed: false }])
    expect(machineLines(db).filter(m => m.open)).toHaveLength(1)
  })
  it('of many that are out the newest stand there, and older ones are asked for', () => {
    const all = Array.from({ length: 28 }, () => book())
    db.exec("UPDATE heads SET closed = 1, is_out = 1, stamp = 'x', line = json_object('id', job_id, 'number', number)")
    // the newest six that were handed back are among those that are out
    expect(todayLines(db, 0)).toHaveLength(25)
    const oldest = Math.min(...todayLines(db, 0).map(l => l.number))
    expect(outLines(db, oldest).map(l => l.id)).toEqual(all.slice(0, 3).reverse())
    expect(outLines(db, 0)).toEqual([])
  })
  it('one that came back is not out any more', () => {
    const id = book()
    log(id, 'oil', oilBody(900), { how: 'measured' })
    back(id, 'as_is')
    expect(todayLines(db, Infinity).filter(l => l.outNotToRun)).toHaveLength(1)
    db.prepare('INSERT INTO jobs VALUES (?, 999, ?, ?)').run(ulid(), jobLine(db, id).machineId, '2026')
    for (let k = 0; k < 7; k++) back(book())
    expect(ids(todayLines(db, Infinity))).not.toContain(id)
  })
  it('without time to judge, a line is shown as it stood and marked; behind it everything is judged, then nothing is left', () => {
    const id = book()
    log(id, 'oil', oilBody(520), { how: 'measured' })
    expect(todayLines(db, 0)).toMatchObject([{ id, stale: true, finding: null }])
    expect(todayLines(db, Infinity)[0]).toMatchObject({ finding: { mark: 'good' } })
    savePolicy(db, { ...DEFAULT_POLICY, labourRateMinor: 9900 })
    expect(todayLines(db, 0)[0]).toMatchObject({ stale: true, finding: { mark: 'good' } })
    const many = Array.from({ length: 6 }, () => book())
    while (refreshHeads(db, 1));
    expect(refreshHeads(db, 1)).toBe(false)
    for (const line of todayLines(db, 0)) expect(line.stale, String(line.number)).toBeUndefined()
    expect(ids(todayLines(db, 0))).toEqual([...many.reverse(), id])
  })
})

describe('what jobs really were', () => {
  const counts = () => causeCounts(db, 'S4', 'none')
  it('is counted as it is written, corrected and taken back, and never counted by itself', () => {
    const [a, b] = [book(), book()]
    const first = named(a, 'sump_bolts')
    named(b, 'sump_bolts', 'proved')
    expect(counts()).toEqual({ total: 2, hits: { sump_bolts: 2 } })
    expect(causeCounts(db, 'S4', a)).toEqual({ total: 1, hits: { sump_bolts: 1 } })
    // only suspected: the job counts, the cause does not
    const second = named(a, 'sump_bolts', 'suspected', { supersedes: first.id })
    expect(counts()).toEqual({ total: 2, hits: { sump_bolts: 1 } })
    log(a, 'void', { reason: 'wrong job' }, { supersedes: second.id })
    expect(counts()).toEqual({ total: 1, hits: { sump_bolts: 1 } })
  })
  it('follows the engine when its class is put right', () => {
    const id = book()
    named(id, 'sump_bolts')
    const { machineId } = jobLine(db, id)
    const { facts } = engineOf(db, machineId)
    const { id: _, customerId: __, ...machine } = machineOf(db, machineId)
    updateMachine(db, machineId, {
      ...{ machine, spec: [], customer: { name: 'N', contact: null, mayPhoto: null, mayMessage: null }, by },
      facts: { ...facts, engineClass: 'M4' },
    })
    expect(counts().total).toBe(0)
    expect(causeCounts(db, 'M4', 'none')).toEqual({ total: 1, hits: { sump_bolts: 1 } })
  })
  it('jobs alike are found by what they showed when they were judged', () => {
    const [a, b] = [book(), book()]
    for (const id of [a, b]) log(id, 'oil', oilBody(900), { how: 'measured' })
    named(b, 'sump_bolts')
    while (refreshHeads(db, 50));
    expect(alikeCases(db, a)).toMatchObject([{ id: b, share: 1 }])
  })
})

describe('finding', () => {
  const first = (words: string): string | undefined => findAnything(db, words)[0]?.to
  it('finds what was logged a moment ago, whoever puts its words there, and puts each once', () => {
    const later = (): number =>
      db.prepare('SELECT COUNT(*) FROM entries WHERE seq > (SELECT seq FROM found_upto)').pluck().get() as number
    const words = (number: number): string =>
      db.prepare('SELECT words FROM found_jobs WHERE rowid = ?').pluck().get(number) as string
    const [a, b] = [book(), book()]
    const note = (id: string, text: string): void => void log(id, 'note', { stage: 'build', text })
    const n = db.prepare('SELECT number FROM jobs WHERE id = ?').pluck().get(a) as number
    putWords(db)
    note(a, 'quince jelly in the bowl')
    note(a, 'a second spoon of it')
    expect(later()).toBe(2)
    expect(words(n)).not.toContain('quince')
    putWords(db, 1)
    expect([later(), words(n).includes('quince'), words(n).includes('second')]).toEqual([1, true, false])
    putWords(db)
    putWords(db)
    expect(later()).toBe(0)
    expect(words(n).match(/quince/g)).toHaveLength(1)
    expect(words(n)).toContain('second spoon')
    note(b, 'medlar')
    expect(first('medlar')).toBe(`/jobs/${b}`)
    expect(findAnything(db, 'quince spoon')).toHaveLength(1)
  })

  it('takes words in any order, over all that a job says, the newest first, the last letters left open', () => {
    const say = (words: string): string =>
      book({ entries: [newEntry(by, 'complaint', { words, since: null }, { how: 'claimed' })] })
    const a = say('Rattles when it is hot')
    const b = say('Rattles when it is cold')
    log(a, 'note', { text: 'Exhaust clamp missing', stage: 'first_look' })
    expect(findAnything(db, 'rattles').map(h => h.to)).toEqual([`/jobs/${b}`, `/jobs/${a}`])
    expect(first('clamp rattl')).toBe(`/jobs/${a}`)
    expect(first('cold brack ratt')).toBe(`/jobs/${b}`)
    expect(findAnything(db, 'rattles volcano')).toEqual([])
    // answers that were chosen are no words
    expect(findAnything(db, 'first_look')).toEqual([])
  })
  it('finds a new name beside the old one', () => {
    const id = book()
    const { machineId } = jobLine(db, id)
    const { facts } = engineOf(db, machineId)
    const { id: _, customerId: __, ...machine } = machineOf(db, machineId)
    updateMachine(db, machineId, {
      ...{ facts, spec: [], by, customer: { name: 'Orla Finch', contact: null, mayPhoto: null, mayMessage: null } },
      machine: { ...machine, serial: 'XK-4411' },
    })
    for (const words of ['finch', 'brack', '4411', 'xk']) expect(first(words), words).toBe(`/jobs/${id}`)
  })
})

describe('ten years of jobs', () => {
  it('an older file gets its lines, counts and words when it is opened', () => {
    const folder = newFolder()
    const before = openDatabase(
      folder,
      migrations.filter(m => m.name < '008'),
    )
    const who = ulid()
    before.prepare("INSERT INTO people VALUES (?, 'B', 'B', 1, '2020', '2020')").run(who)
    const add = (kind: string, body: object): void => {
      before
        .prepare(
          'INSERT INTO entries (id, job_id, kind, at, by, how, body, supersedes, recorded_at) VALUES (?, ?, ?, ?, ?, NULL, ?, NULL, ?)',
        )
        .run(ulid(), 'j1', kind, '2020-01-01T00:00:00Z', who, JSON.stringify(body), '2020')
    }
    before.exec(`
      INSERT INTO customers VALUES ('c1', 'Nell Brack', NULL, '2020', '2020');
      INSERT INTO machines VALUES ('m1', 'c1', 'walk_behind_mower', 'Thistledown 41', NULL, NULL, 'h', 'unknown', '2020', '2020');
      INSERT INTO spec_sheets (id, name, engine_class, body, created_at, updated_at) VALUES ('s1', 'S', 'S4', '[]', '2020', '2020');
      INSERT INTO engines VALUES ('e1', 'm1', '{"engineClass":"S4","cycle":"four"}', 's1', '2020', '2020');
      INSERT INTO jobs VALUES ('j1', 201, 'm1', '2020');`)
    add('complaint', { words: 'Rattles', since: null })
    add('cause_found', { causeId: 'sump_bolts', text: null, proof: 'proved', missing: null, chain: [] })
    add('hand_back', { to: 'N', words: null })
    closeDatabase(before)
    const after = openDatabase(folder, migrations)
    expect(after.prepare('SELECT job_id, closed, line FROM heads').all()).toEqual([
      { job_id: 'j1', closed: 1, line: null },
    ])
    expect(causeCounts(after, 'S4', 'none')).toEqual({ total: 1, hits: { sump_bolts: 1 } })
    expect(findAnything(after, 'brack ratt')[0]?.to).toBe('/jobs/j1')
    closeDatabase(after)
  })
  it('no statement of Today, a job, its cases or the finding reads a whole table', () => {
    const id = book()
    log(id, 'oil', oilBody(900), { how: 'measured' })
    named(id, 'sump_bolts')
    todayLines(db, Infinity)
    closedLines(db, 300)
    refreshHeads(db, 50)
    alikeCases(db, id)
    findAnything(db, 'thistle')
    machineLines(db)
    machineLines(db, 'mower', 900)
    const large =
      /SCAN (entries|jobs|heads|machines|customers|engines|named_jobs|changes|e|j|h|m|c|g|n)\b(?! USING (COVERING )?INDEX)/
    const explain = (sql: string): unknown[] => {
      const names = [...sql.matchAll(/@(\w+)/g)].map(m => [m[1], 1])
      const plan = db.prepare(`EXPLAIN QUERY PLAN ${sql}`)
      return names.length ? plan.all(Object.fromEntries(names)) : plan.all(...[...sql.matchAll(/\?/g)].map(() => 1))
    }
    const bad = prepared(db).flatMap(sql =>
      (explain(sql) as { detail: string }[])
        .filter(step => large.test(step.detail))
        .map(step => `${step.detail}: ${sql.trim().slice(0, 90)}`),
    )
    expect(bad).toEqual([])
  })
})

describe('lists', () => {
  it('come a page at a time, the one that was here last first, and by words in name, owner, serial number or kind', () => {
    const jobs = Array.from({ length: 5 }, (_, i) => book({ customer: { name: `Owner ${i}`, contact: null } }))
    const all = machineLines(db, '', undefined, 3)
    expect(all.map(m => m.customerName)).toEqual(['Owner 4', 'Owner 3', 'Owner 2'])
    expect(machineLines(db, '', all.at(-1)?.last, 3).map(m => m.customerName)).toEqual(['Owner 1', 'Owner 0'])
    expect(machineLines(db, 'owner 3').map(m => [m.customerName, m.jobs, m.open])).toEqual([['Owner 3', 1, true]])
    expect(machineLines(db, 'mower')).toHaveLength(5)
    expect(machineLines(db, 'zzz "')).toEqual([])
    back(jobs[3] ?? '')
    expect(machineLines(db, 'owner 3')[0]?.open).toBe(false)
    expect(customersOf(db, 'owner').length).toBe(5)
    expect(customersOf(db, 'Owner 3').map(c => c.name)).toEqual(['Owner 3'])
    const sheets = sheetLines(db)
    expect(sheets).toHaveLength(5)
    const [first] = sheets
    expect(sheetLines(db, { after: first?.name ?? '', afterId: first?.id ?? '' })).toHaveLength(4)
    expect(sheetLines(db, { engineClass: 'H2' })).toEqual([])
    expect(sheetLines(db, { words: 'thistle', figures: true })).toHaveLength(5)
    expect(sheetLines(db, { words: 'Four-stroke' })).toHaveLength(5)
    expect(sheetLines(db, { words: 'zzz' })).toEqual([])
  })
  it('parts on the shelf and prices are found by their words, also by a new name', () => {
    const id = ulid()
    const part = { part: null, name: 'Crank, forged', engineClass: 'S4', fromJobId: null, grade: 'used', tested: null }
    const item = addShelf(db, id, { ...part, measured: null, place: 'Loft', priceMinor: 1, quarantine: null } as never)
    const text = 'number;name;price\nA-77;Oil pump, twin;80,00'
    importPrices(db, { text, supplier: 'Tollbrook', kind: 'retail', pricedOn: '2026-05-04', apply: true, by })
    expect(findAnything(db, 'forged loft')[0]).toMatchObject({ to: `/shelf?part=${item.number}` })
    expect(findAnything(db, 'twin toll')[0]).toMatchObject({ title: 'Oil pump, twin', to: '/parts?find=A-77' })
    const { name: _, ...rest } = shelfFields(item)
    saveShelf(db, id, { ...rest, name: 'Crank, pressed' }, by)
    expect([findAnything(db, 'forged'), findAnything(db, 'pressed')].map(f => f.length)).toEqual([0, 1])
  })
})

describe('lines are kept up behind the page', () => {
  it('within a second of an entry; a burst goes before, for five seconds at most', async () => {
    vi.useFakeTimers()
    const job = book()
    let refreshed = 0
    const stop = keepHeads(db, () => {
      refreshed++
      return Promise.resolve(false)
    })
    const note = () => log(job, 'note', { stage: 'build', text: 'A word' })
    await vi.advanceTimersByTimeAsync(400)
    expect(refreshed).toBe(1)
    note()
    await vi.advanceTimersByTimeAsync(1000)
    expect(refreshed).toBe(2)
    await vi.advanceTimersByTimeAsync(3000)
    expect(refreshed).toBe(2)
    // a hundred between two looks, again and again
    for (let i = 0; i < 4; i++) {
      for (let n = 0; n < 100; n++) note()
      await vi.advanceTimersByTimeAsync(700)
    }
    expect(refreshed).toBe(2)
    for (let i = 0; i < 6; i++) {
      for (let n = 0; n < 100; n++) note()
      await vi.advanceTimersByTimeAsync(700)
    }
    expect(refreshed).toBe(3)
    await vi.advanceTimersByTimeAsync(1500)
    expect(refreshed).toBe(4)
    stop()
    vi.useRealTimers()
  })
})
