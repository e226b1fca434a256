import { existsSync } from 'node:fs'
import { join } from 'node:path'
import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import migrations from '#migrations'
import type { Entry } from '#core/entries/types'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { newJobSchema } from '#shared/schemas/machines'
import { seedDemo } from '../../../demo/seed'
import { DEMO_JOBS } from '../../../demo/jobs'
import { entriesInForce, standsFor, undone } from '#core/log/entry'
import { entriesOf } from '../../../server/db/entries'
import { findAnything } from '../../../server/db/find'
import { jobLine } from '../../../server/db/jobLines'
import { bookIn, jobFile, jobView, jobsOf, logEntry } from '../../../server/db/jobs'
import { engineOf, machineLines, machineOf, updateMachine } from '../../../server/db/machines'
import { migrate } from '../../../server/db/migrate'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import type { Refusal } from '../../../server/db/refusal'
import { addPerson, peopleOf, policyOf, savePerson, savePolicy } from '../../../server/db/shop'
import { assess } from '#core/assess'
import { jobRecord } from '../../../server/documents/jobRecord'
import { newFolder } from '../../server'
import { newEntry, newJob, oilBody } from '../../api/shop'

let folder: string
let db: Database
let by: string
beforeEach(() => {
  folder = newFolder()
  db = openDatabase(folder, migrations)
  by = addPerson(db, { name: 'Ada Quill', initials: 'AQ', active: true }).id
})
afterEach(() => closeDatabase(db))

const book = (more = {}) => {
  const job = newJob(by, more)
  bookIn(db, newJobSchema.parse(job))
  return job.id
}
const refused = (work: () => unknown): Refusal => {
  try {
    work()
  } catch (error) {
    return error as Refusal
  }
  throw new Error('It was not refused.')
}

describe('the file', () => {
  it('is opened so that what is acknowledged is on disk', () => {
    expect(db.pragma('journal_mode', { simple: true })).toBe('wal')
    expect(db.pragma('synchronous', { simple: true })).toBe(2)
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1)
    expect(existsSync(join(folder, 'remedium.db'))).toBe(true)
  })

  it('takes each migration once, and all of one or nothing', () => {
    expect(migrate(db, migrations)).toEqual([])
    const next = [
      ...migrations,
      { name: '900_more.sql', sql: 'CREATE TABLE more (id TEXT) STRICT; CREATE TABLE more (id TEXT) STRICT;' },
    ]
    expect(() => migrate(db, next)).toThrow('already exists')
    expect(db.prepare("SELECT name FROM sqlite_master WHERE name = 'more'").all()).toEqual([])
    expect(migrate(db, [...migrations, { name: '900_more.sql', sql: 'CREATE TABLE more (id TEXT) STRICT' }])).toEqual([
      '900_more.sql',
    ])
    expect(() => migrate(db, migrations)).toThrow('newer Remedium (900_more.sql)')
  })
})

describe('booking in', () => {
  it('numbers jobs on from the last, and keeps nothing of one that fails', () => {
    const [first, second] = [book(), book()]
    expect(jobsOf(db).map(j => [j.id, j.number])).toEqual([
      [second, 202],
      [first, 201],
    ])
    const before = machineLines(db).length
    const job = newJob(by, {
      entries: [newEntry(ulid(), 'complaint', { words: 'x', since: null }, { how: 'claimed' })],
    })
    expect(refused(() => bookIn(db, newJobSchema.parse(job))).status).toBe(422)
    expect(machineLines(db)).toHaveLength(before)
  })

  it('needs engine facts for a machine that is new here', () => {
    expect(refused(() => book({ facts: null })).fields[0]?.field).toBe('facts')
    expect(refused(() => book({ machine: { id: ulid() } })).status).toBe(404)
  })
})

describe('the log', () => {
  it('comes back in the order it was given, with its bodies as they were', () => {
    const id = book()
    const entries = [1, 2, 3].map(n => newEntry(by, 'oil', oilBody(500 + n)) as Entry)
    for (const e of entries) expect(logEntry(db, id, e)).toBe('stored')
    expect(logEntry(db, id, entries[1]!)).toBe('repeated')
    expect(entriesOf(db, id).slice(1)).toEqual(entries)
  })

  it("refuses a correction of another job's entry, of a void, and of another kind", () => {
    const [a, b] = [book(), book()]
    const e = newEntry(by, 'oil', oilBody()) as Entry
    logEntry(db, a, e)
    const correct = (id: string, target: string, kind = 'oil') =>
      refused(() =>
        logEntry(
          db,
          id,
          newEntry(by, kind, kind === 'oil' ? oilBody(1) : { stage: 'build', text: 'x' }, {
            supersedes: target,
            ...(kind !== 'oil' && { how: null }),
          }) as Entry,
        ),
      )
    expect(correct(b, e.id).message).toContain('not on this job')
    expect(correct(a, e.id, 'note').message).toContain('same kind')
    const gone = newEntry(by, 'void', { reason: 'x' }, { how: null, supersedes: e.id }) as Entry
    logEntry(db, a, gone)
    expect(correct(a, gone.id).message).toContain('word by word')
    expect(correct(a, e.id)).toMatchObject({ status: 409, message: expect.stringContaining('was undone') })
  })

  it('puts a finding back in the place of its undoing, word by word and once; an intention never', () => {
    const id = book()
    const [first, later] = [newEntry(by, 'oil', oilBody(300)) as Entry, newEntry(by, 'oil', oilBody(500)) as Entry]
    const note = newEntry(by, 'note', { stage: 'build', text: 'x' }, { how: null }) as Entry
    for (const e of [first, later, note]) logEntry(db, id, e)
    const undo = (e: Entry): Entry => {
      const gone = newEntry(by, 'void', { reason: 'slip' }, { how: null, supersedes: e.id }) as Entry
      logEntry(db, id, gone)
      return gone
    }
    const back = (was: Entry, gone: Entry): Entry => ({ ...was, id: ulid(), supersedes: gone.id })
    const gone = undo(first)
    expect(undone(entriesOf(db, id)).get(gone.id)).toEqual(first)
    expect(refused(() => logEntry(db, id, back({ ...first, body: later.body } as Entry, gone))).status).toBe(422)
    const again = back(first, gone)
    logEntry(db, id, again)
    // it stands where it stood: the later reading is still the newest
    expect(
      entriesInForce(entriesOf(db, id))
        .filter(e => e.kind === 'oil')
        .map(e => e.id),
    ).toEqual([again.id, later.id])
    expect(standsFor(entriesOf(db, id), first.id)).toEqual(again)
    expect(undone(entriesOf(db, id)).size).toBe(0)
    expect(refused(() => logEntry(db, id, back(first, gone))).status).toBe(409)
    expect(refused(() => logEntry(db, id, back(note, undo(note)))).message).toContain('Log it again')
  })

  it('a running time that is undone puts the machine back to what it said before', () => {
    const id = book()
    const machineId = jobView(db, id).machine.id
    const start = machineOf(db, machineId).meterReading
    const read = (reading: number): Entry => {
      const e = newEntry(by, 'meter', { reading, unit: 'h', source: 'measured' }) as Entry
      logEntry(db, id, e)
      return e
    }
    const undo = (e: Entry): void => {
      logEntry(db, id, newEntry(by, 'void', { reason: 'x' }, { how: null, supersedes: e.id }) as Entry)
    }
    const [first, second] = [read(812), read(8120)]
    expect(machineOf(db, machineId).meterReading).toBe(8120)
    undo(second)
    expect(machineOf(db, machineId)).toMatchObject({ meterReading: 812, meterSource: 'measured' })
    undo(first)
    expect(machineOf(db, machineId).meterReading).toBe(start)
  })

  it('lines are judged again when the log, the machine or the policy changes, and not otherwise', () => {
    const id = book()
    logEntry(db, id, newEntry(by, 'oil', oilBody(520)) as Entry)
    const first = jobLine(db, id)
    expect(jobLine(db, id)).toBe(first)
    expect(first.finding).toMatchObject({ mark: 'good' })
    logEntry(db, id, newEntry(by, 'oil', oilBody(900)) as Entry)
    const second = jobLine(db, id)
    expect(second.stops[0]?.id).toBe('oil_over')
    const { machineId } = second
    const { facts } = engineOf(db, machineId)
    const { id: _, customerId: __, ...machine } = machineOf(db, machineId)
    updateMachine(db, machineId, {
      machine,
      facts,
      spec: [{ item: 'oil_capacity', value: 1, unit: 'L', source: 'maker', note: null }],
      customer: { name: 'N', contact: null, mayPhoto: null, mayMessage: null },
      by,
    })
    // nothing is over now; and what was enough before is too little
    expect(jobLine(db, id).stops.map(s => s.id)).toEqual(['oil_low'])
    savePolicy(db, { ...DEFAULT_POLICY, volumeUnit: 'L' })
    expect(jobLine(db, id).customerName).toBe('N')
    expect(db.prepare('SELECT record FROM changes ORDER BY seq').pluck().all()).toEqual([
      'customers',
      'spec_sheets',
      'shop_policy',
    ])
  })
})

describe('people and finding', () => {
  it('people come and go, and what they were called is kept', () => {
    const gone = { name: 'Ada Quill-Brown', initials: 'AB', active: false, role: 'counter' as const, senior: false }
    savePerson(db, by, gone)
    expect(peopleOf(db)).toMatchObject([{ id: by, ...gone, hasPin: false }])
    expect(refused(() => savePerson(db, ulid(), gone)).status).toBe(404)
    expect(policyOf(db)).toEqual(DEFAULT_POLICY)
  })

  it('finds by tag, owner, machine and story; signs are taken as they are', () => {
    const id = book({
      entries: [newEntry(by, 'complaint', { words: 'Rattles 100% of the time', since: null }, { how: 'claimed' })],
    })
    for (const words of ['T 201', 'T201', 'brack', 'thistle', '100%'])
      expect(findAnything(db, words)[0]?.to, words).toContain(words === 'thistle' ? '/' : id)
    expect(findAnything(db, '%')).toEqual([])
    expect(findAnything(db, '10_% "*')[0]?.to).toContain(id)
    expect(findAnything(db, "'; DROP TABLE jobs; --")).toEqual([])
  })
})

describe('the demo shop', () => {
  it('fills an empty shop only, with every kind of verdict and a job at every stage', () => {
    expect(seedDemo(db, new Date())).toEqual({ jobs: 0, entries: 0 })
    const fresh = openDatabase(newFolder(), migrations)
    const now = new Date('2026-06-15T16:00:00Z')
    expect(seedDemo(fresh, now).jobs).toBe(DEMO_JOBS.length)
    expect(seedDemo(fresh, now).jobs).toBe(0)
    const lines = jobsOf(fresh).map(j => jobLine(fresh, j.id))
    expect(lines.length).toBeGreaterThanOrEqual(14)
    const verdicts = new Set(jobsOf(fresh).map(j => assess(jobFile(fresh, j.id)).decision.verdict?.outcome))
    expect([...verdicts]).toEqual(
      expect.arrayContaining(['repair', 'rebuild', 'replace', 'part_out', 'scrap', 'leave']),
    )
    expect(new Set(lines.map(l => l.stage))).toEqual(
      new Set(['first_look', 'open_up', 'measure', 'decide', 'build', 'prove', 'hand_back', 'narrow_down']),
    )
    expect(new Set(lines.map(l => l.machineKind)).size).toBeGreaterThanOrEqual(13)
    for (const { id } of jobsOf(fresh)) {
      const times = entriesOf(fresh, id).map(e => e.at)
      expect([...times].sort()).toEqual(times)
      expect(times.at(-1)! <= now.toISOString()).toBe(true)
    }
    closeDatabase(fresh)
  })

  it('prints the whole of a job: what was said, found, weighed, agreed and logged', () => {
    const fresh = openDatabase(newFolder(), migrations)
    seedDemo(fresh, new Date('2026-06-15T16:00:00Z'))
    const printed = (number: number) =>
      JSON.stringify(
        jobRecord(
          jobView(fresh, jobsOf(fresh).find(j => j.number === number)!.id),
          policyOf(fresh),
          peopleOf(fresh),
          new Date('2026-06-15T16:00:00Z'),
        ).content,
      )
    expect(printed(201)).toContain('What was agreed')
    expect(printed(201)).toContain('Drew off 330 mL')
    expect(printed(207)).toContain('Line by line: New engine in this frame')
    expect(printed(207)).toContain('Must not be done')
    expect(printed(208)).toContain('replaced or undone')
    closeDatabase(fresh)
  })
})

describe('what lay before a cover came off', () => {
  it('is written down before, and locked after', () => {
    const id = book()
    const said = newEntry(
      by,
      'as_found',
      { cover: 'Governor', about: 'linkage', words: 'spring in the third hole' },
      { how: null },
    ) as Entry
    logEntry(db, id, said)
    const corrected = {
      ...newEntry(by, 'as_found', { cover: 'Governor', about: 'linkage', words: 'second hole' }, { how: null }),
      supersedes: said.id,
    } as Entry
    logEntry(db, id, corrected)
    logEntry(
      db,
      id,
      newEntry(by, 'made_safe', { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] }, { how: null }) as Entry,
    )
    logEntry(
      db,
      id,
      newEntry(
        by,
        'fasteners',
        { cover: 'governor ', what: 'two M5', tool: null, out: 2, back: null, stuck: [], minutes: null, broke: null },
        { how: null },
      ) as Entry,
    )
    const again = { ...corrected, id: ulid(), supersedes: corrected.id } as Entry
    expect(() => logEntry(db, id, again)).toThrow('is off already')
    expect(() =>
      logEntry(db, id, newEntry(by, 'void', { reason: 'Undone' }, { how: null, supersedes: corrected.id }) as Entry),
    ).toThrow('is off already')
    expect(() =>
      logEntry(
        db,
        id,
        newEntry(by, 'as_found', { cover: 'Head', about: 'marks', words: 'dots in line' }, { how: null }) as Entry,
      ),
    ).not.toThrow()
  })
})
