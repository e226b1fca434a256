import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import migrations from '#migrations'
import { keptOf } from '#core/entries/kept'
import type { Entry } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import { keepList, useRefusal } from '#core/salvage/keep'
import { newJobSchema } from '#shared/schemas/machines'
import { newShelfSchema } from '#shared/schemas/parts'
import { entriesOf } from '../../../server/db/entries'
import { bookIn, logEntry } from '../../../server/db/jobs'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import { addShelf, findShelf, keepOf, moveShelf, saveShelf, shelfFor, shelfItem } from '../../../server/db/shelf'
import { addPerson } from '../../../server/db/shop'
import { rows } from '../../../server/db/statements'
import { shelfLabel } from '../../../server/documents/labels'
import { newFolder } from '../../server'
import { newEntry, newJob } from '../../api/shop'
import { entry, FACTS } from '../job/file'

const part = (name: string, disposition: string): Entry =>
  entry(
    'part',
    {
      part: name,
      disposition,
      seen: [],
      oil: 'not_looked',
      role: 'open',
      reason: 'worn',
      orientation: null,
      owed: null,
      place: null,
    } as never,
    { how: 'by_eye' },
  )

describe('what to keep of an engine that is given up', () => {
  const keep = (wanted: Record<string, number>, stock: Record<string, number> = {}, log: Entry[] = []) =>
    new Map(keepList(FACTS, log, wanted, stock, 6000).map(k => [k.part, k]))
  it('what is wanted more often than there is stock, worth more than the time to take it off', () => {
    expect(keep({ carburettor: 2 }, { carburettor: 1 }).get('carburettor')).toMatchObject({
      keep: true,
      priceMinor: 4200,
      worthMinor: 3000,
    })
    expect(keep({ carburettor: 1 }, { carburettor: 1 }).get('carburettor')).toMatchObject({
      keep: false,
      why: 'enough on the shelf',
    })
    expect(keep({ gear: 3 }).get('gear')).toMatchObject({
      keep: false,
      why: 'wanted, but taking it off costs more than it brings',
    })
  })
  it('what is dear and not on the shelf, wanted or not; never what was condemned', () => {
    expect(keep({}).get('crank')).toMatchObject({ keep: true, why: 'dear, and none on the shelf' })
    expect(keep({}, { crank: 1 }).get('crank')?.keep).toBe(false)
    expect(keep({ crank: 5 }, {}, [part('crank', 'replace')]).has('crank')).toBe(false)
    expect([...keep({ coil: 4 }).keys()].indexOf('coil')).toBeLessThan(3)
  })
  it('a critical part needs its figure, any part its freedom from quarantine', () => {
    const at = (more: object) => useRefusal({ part: 'crank', measured: null, quarantine: null, name: 'Crank', ...more })
    expect([at({}), at({ measured: 'pin 37.46' }), at({ part: 'coil' }), at({ part: null })].map(Boolean)).toEqual([
      true,
      false,
      false,
      false,
    ])
    expect(at({ measured: 'pin 37.46', quarantine: 'cracked batch' })).toContain('cracked batch')
  })
})

describe('the shelf', () => {
  let db: Database
  let by: string
  let from: string
  let to: string
  const book = (): string => {
    const job = newJob(by)
    bookIn(db, newJobSchema.parse(job))
    return job.id
  }
  const put = (more: object = {}) => {
    const {
      id,
      by: _,
      ...fields
    } = newShelfSchema.parse({
      id: ulid(),
      by,
      part: 'crank',
      name: 'Crank',
      engineClass: 'S4',
      fromJobId: from,
      grade: 'used',
      tested: null,
      measured: null,
      place: 'Shelf 2',
      priceMinor: 9000,
      quarantine: null,
      ...more,
    })
    return addShelf(db, id, fields)
  }
  const refused = (act: () => unknown): string => {
    try {
      act()
      return ''
    } catch (error) {
      return (error as Error).message
    }
  }
  beforeEach(() => {
    db = openDatabase(newFolder(), migrations)
    by = addPerson(db, { name: 'Ada Quill', initials: 'AQ', active: true }).id
    ;[from, to] = [book(), book()]
    logEntry(
      db,
      to,
      newEntry(by, 'made_safe', { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] }, { how: null }) as never,
    )
    logEntry(db, to, newEntry(by, 'part', part('crank', 'replace').body, { how: 'by_eye' }) as never)
  })
  afterEach(() => closeDatabase(db))

  it('a part that another job needs is suggested, and not used before it is measured', () => {
    const crank = put()
    put({ part: 'coil', name: 'Coil' })
    expect(shelfFor(db, to).map(s => [s.name, Boolean(s.refusal)])).toEqual([['Crank', true]])
    expect(refused(() => moveShelf(db, crank.id, { to: 'used', jobId: to, by }))).toContain('never measured')
    saveShelf(
      db,
      crank.id,
      {
        name: 'Crank',
        grade: 'used',
        tested: 'turned true',
        measured: 'pin 37.46 mm',
        place: 'Shelf 2',
        priceMinor: 9000,
        quarantine: null,
      },
      by,
    )
    moveShelf(db, crank.id, { to: 'reserved', jobId: to, by })
    expect(shelfFor(db, book())).toEqual([])
    expect(refused(() => moveShelf(db, crank.id, { to: 'used', jobId: from, by }))).toContain('is reserved for T')
    moveShelf(db, crank.id, { to: 'used', jobId: to, by })
    expect(keptOf(entriesInForce(entriesOf(db, to))).fitted[0]?.body).toMatchObject({
      what: 'Crank (pin 37.46 mm)',
      origin: 'donor',
      from: expect.stringMatching(/our shelf, S 1, out of T \d+/),
    })
    expect(refused(() => moveShelf(db, crank.id, { to: 'shelf', jobId: null, by }))).toContain(
      'not on the shelf any more',
    )
    expect(findShelf(db, '').map(s => s.name)).toEqual(['Coil'])
    expect(rows(db, 'SELECT 1 FROM changes WHERE record = ?', 'shelf')).toHaveLength(3)
  })
  it('quarantine keeps it off; letting go frees it', () => {
    const bad = put({ measured: 'pin 37', quarantine: 'cracked at the key' })
    expect(refused(() => moveShelf(db, bad.id, { to: 'reserved', jobId: to, by }))).toContain(
      'quarantine: cracked at the key',
    )
    const good = put({ measured: 'pin 37' })
    expect(refused(() => moveShelf(db, good.id, { to: 'reserved', jobId: null, by }))).toContain('for which job')
    moveShelf(db, good.id, { to: 'reserved', jobId: to, by })
    expect(moveShelf(db, good.id, { to: 'shelf', jobId: null, by })).toMatchObject({ state: 'shelf', jobId: null })
  })
  it('put twice it lies there once; the keep list knows what lies there and what was wanted', () => {
    const { id } = put()
    const {
      id: _,
      number: __,
      fromNumber: ___,
      state: ____,
      jobId: _____,
      jobNumber: ______,
      createdAt: _______,
      ...fields
    } = shelfItem(db, id)
    addShelf(db, id, fields)
    expect(findShelf(db, 'crank')).toHaveLength(1)
    expect(keepOf(db, from, new Date('2026-06-01')).find(k => k.part === 'crank')).toMatchObject({
      wanted: 1,
      stock: 1,
    })
    // what was wanted three years ago does not count
    expect(keepOf(db, from, new Date('2029-06-01')).find(k => k.part === 'crank')?.wanted).toBe(0)
  })
  it('its label says what it is, and that it is unmeasured', () => {
    const words = JSON.stringify(shelfLabel(put(), 'http://shop/shelf?part=1'))
    for (const said of ['S 1', 'Crank', 'UNMEASURED', 'Shelf 2', 'http://shop/shelf?part=1'])
      expect(words).toContain(said)
  })
})
