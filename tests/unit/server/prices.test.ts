import type { Database } from 'better-sqlite3'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import migrations from '#migrations'
import { findPrices, importPrices } from '../../../server/db/prices'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import { addPerson } from '../../../server/db/shop'
import { rows } from '../../../server/db/statements'
import { listFigure, readPriceList } from '../../../server/documents/priceFile'
import { newFolder } from '../../server'

const LIST = { supplier: 'Tollbrook Spares', kind: 'retail', currency: 'EUR' }
const GOOD = 'number;name;price;lead_days;stock\nA1;Ring set;32,00;3;4\nA2;Crankshaft;1.245,50;14;0\nA3;Old cam;;;0'

describe('a price list', () => {
  it('reads figures as lists write them', () => {
    expect(['32,00', '1.245,50', '1,245.50', '€ 12', ' 7 ', ''].map(listFigure)).toEqual([
      32,
      1245.5,
      1245.5,
      12,
      7,
      null,
    ])
    expect(listFigure('lots')).toBeNaN()
  })
  it('names each wrong line by its number and says what would be right', () => {
    const { lines, prices } = readPriceList(
      'number;name;price;kind\nA1;Ring;cheap;retail\n;Pin;3;retail\nA1;Ring;3;stolen\nA4;Clip;-1;trade\nA5;Nut;1;trade\nA5;Nut;2;trade',
      LIST,
    )
    expect(lines.map(l => [l.line, l.message])).toEqual([
      [2, 'Price: type a figure, not words.'],
      [3, 'Number is missing.'],
      [4, 'Kind must be retail, trade, donor.'],
      [5, "Price can't be negative."],
      [7, 'Number A5 stands in line 6 already.'],
    ])
    expect(prices.map(p => p.number)).toEqual(['A5'])
  })
  it('without the columns it is refused', () => {
    expect(() => readPriceList('a;b\n1;2', LIST)).toThrow('number, name, price are missing')
    expect(readPriceList('Number,Name,Price\nA1,Ring,3', { ...LIST, supplier: null }).lines[0]?.message).toContain(
      'Supplier is missing',
    )
  })
})

describe('taking a list over', () => {
  let db: Database
  let by: string
  beforeEach(() => {
    db = openDatabase(newFolder(), migrations)
    by = addPerson(db, { name: 'Ada Quill', initials: 'AQ', active: true }).id
  })
  afterEach(() => closeDatabase(db))
  const take = (text: string, apply: boolean, pricedOn = '2026-05-01') =>
    importPrices(db, { text, supplier: 'Tollbrook Spares', kind: 'retail', pricedOn, apply, by })

  it('first says what it would change and changes nothing, then does it', () => {
    expect(take(GOOD, false)).toMatchObject({
      applied: false,
      added: ['A1 Ring set, €32.00', 'A2 Crankshaft, €1,245.50', 'A3 Old cam, not to be had'],
      changed: [],
      same: 0,
    })
    expect(findPrices(db, '').all).toBe(0)
    expect(take(GOOD, true).applied).toBe(true)
    expect(findPrices(db, 'crank').prices).toMatchObject([
      { number: 'A2', priceMinor: 124550, leadDays: 14, pricedOn: '2026-05-01' },
    ])
    const next = `${GOOD.replace('32,00', '34,50')}\nA4;Key;2;1;9`
    expect(take(next, true, '2026-06-01')).toMatchObject({
      added: ['A4 Key, €2.00'],
      changed: ['A1 Ring set: €32.00 → €34.50'],
      same: 2,
    })
    expect(findPrices(db, 'old cam').prices[0]?.pricedOn).toBe('2026-06-01')
    // what the list said before is kept
    expect(
      rows<{ before: string }>(db, 'SELECT before FROM changes WHERE record = ?', 'prices').map(
        c => (JSON.parse(c.before) as { priceMinor: number }).priceMinor,
      ),
    ).toEqual([3200])
  })
  it('a list with one wrong line changes nothing', () => {
    take(GOOD, true)
    expect(take(`${GOOD.replace('32,00', '40')}\nA5;Nut;lots`, true)).toMatchObject({
      applied: false,
      lines: [{ line: 5 }],
    })
    expect(findPrices(db, 'ring set').prices[0]?.priceMinor).toBe(3200)
  })
  it('finds by name or number, and takes % and _ as they stand', () => {
    take(GOOD, true)
    expect(findPrices(db, 'a3').prices.map(p => p.name)).toEqual(['Old cam'])
    expect(findPrices(db, '%').prices).toEqual([])
    expect(findPrices(db, '', 2).prices).toHaveLength(2)
  })
})
