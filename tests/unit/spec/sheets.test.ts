import { describe, expect, it } from 'vitest'
import { didYouMean } from '#core/spec/didYouMean'
import { figureLine, mergeSheet } from '#core/spec/mergeSheet'
import { SANE } from '#core/spec/sane'
import { SPEC_ITEMS, SPEC_ITEM_NAMES, UNITS_OF_ITEM } from '#core/spec/specItems'
import { conflictsOf, sourceWords, specFor, specShownIn } from '#core/spec/specValue'
import { fillTableSchema, sheetBodySchema, specListSchema, specValueSchema } from '#shared/schemas/specs'
import { figureOf } from '../job/file'

describe('which figure is used', () => {
  const maker = figureOf('compression_limit', 10, 'bar')
  const shop = figureOf('compression_limit', 9.5, 'bar', 'shop')
  const book = figureOf('compression_limit', 9.2, 'bar', 'book')

  it("the shop's own figure leads, and the maker's stands beside it in words", () => {
    const found = specFor('compression_limit', [maker, shop, book], 'M4', 249)
    expect(found).toMatchObject({ source: 'shop', conflict: true })
    expect(found?.value).toBeCloseTo(950, 9)
    expect(found?.maker).toBeCloseTo(1000, 9)
    expect(sourceWords(found!, 'kPa', 'bar')).toBe(
      "shop's own figure; beside it maker's figure 10.00 bar, workshop book 9.20 bar",
    )
  })
  it('what the shop chose is used before any rank', () => {
    expect(specFor('compression_limit', [maker, shop, { ...book, chosen: true }], 'M4', 249)).toMatchObject({
      source: 'book',
      conflict: true,
    })
  })
  it('rounded in another unit it is the same figure, not a conflict', () => {
    expect(
      specFor('compression_limit', [maker, figureOf('compression_limit', 145, 'psi', 'book')], 'M4', 249)?.conflict,
    ).toBe(false)
    expect(conflictsOf([maker, figureOf('compression_limit', 145, 'psi', 'book')])).toEqual([])
    expect(conflictsOf([maker, book])).toEqual(['compression_limit'])
    expect(conflictsOf([maker, figureOf('compression_limit', 6, 'bar', 'rule_of_thumb')])).toEqual([])
  })
  it('plain counts are never converted', () => {
    expect(specFor('compression_ratio', [figureOf('compression_ratio', 9.2, 'ratio')], 'M4', 249)?.value).toBe(9.2)
    expect(specShownIn(9.2, 'ratio', 'bar')).toBe('9.2 : 1')
  })
})

describe('did you mean', () => {
  it('thou, when a lash is typed in mm as it stands on the feeler', () => {
    expect(didYouMean('lash_inlet_min', 4, 'mm')).toMatchObject({
      suggestion: { value: 4, unit: 'thou' },
      message: expect.stringContaining('Did you mean 4 thou?'),
    })
    expect(didYouMean('lash_inlet_min', 0.1, 'mm')).toBeNull()
    expect(didYouMean('lash_inlet_min', 0.1, 'thou')?.suggestion).toEqual({ value: 0.1, unit: 'mm' })
  })
  it('psi, when a gauge reading of 62 is typed as bar', () => {
    expect(didYouMean('compression', 62, 'bar')?.suggestion).toEqual({ value: 62, unit: 'psi' })
    expect(didYouMean('compression', 8, 'bar')).toBeNull()
  })
  it('only the decimal point, when no unit makes sense of it', () => {
    expect(didYouMean('bore', 90000, 'mm')).toMatchObject({
      suggestion: null,
      message: expect.stringContaining('Check the decimal point'),
    })
    expect(didYouMean('compression_ratio', 95, 'ratio')?.message).toContain('4 to 25 : 1')
  })
  it('every item has a sane band in order and a default unit', () => {
    for (const item of SPEC_ITEM_NAMES) {
      const { unit } = SPEC_ITEMS[item]
      const [low, high] = SANE[item]
      expect(low, item).toBeLessThan(high)
      expect(UNITS_OF_ITEM[unit]?.length, item).toBeGreaterThan(0)
    }
  })
})

describe('putting figures onto a sheet', () => {
  const maker = figureOf('oil_capacity', 550, 'mL')
  it('adds what is new, leaves what is known, overwrites nothing and marks what disagrees', () => {
    const merge = mergeSheet(
      [maker],
      [figureOf('oil_capacity', 0.55, 'L'), figureOf('oil_capacity', 600, 'mL', 'book'), figureOf('bore', 65, 'mm')],
    )
    expect(merge.same).toHaveLength(1)
    expect(merge.added.map(v => v.item)).toEqual(['oil_capacity', 'bore'])
    expect(merge.values[0]).toBe(maker)
    expect(merge.conflicts).toEqual(['oil_capacity'])
  })
  it('the same source saying something else is kept beside it too', () => {
    expect(mergeSheet([maker], [figureOf('oil_capacity', 600, 'mL')])).toMatchObject({
      added: [{ value: 600 }],
      conflicts: ['oil_capacity'],
    })
  })
  it('a choice that the sheet has made stays the only one', () => {
    const merge = mergeSheet(
      [{ ...maker, chosen: true }],
      [figureOf('oil_capacity', 600, 'mL', 'book', { chosen: true })],
    )
    expect(merge.values.filter(v => v.chosen)).toHaveLength(1)
    expect(specListSchema.safeParse(merge.values).success).toBe(true)
  })
  it('doubts a figure that no engine has', () => {
    expect(mergeSheet([], [figureOf('lash_inlet_min', 4, 'mm')]).doubts[0]?.doubt.suggestion?.unit).toBe('thou')
    expect(figureLine(figureOf('bore', 65, 'mm', 'book', { year: 1998, note: 'page 3' }))).toBe(
      'Bore 65.000 mm (workshop book, 1998, page 3)',
    )
  })
})

describe('what a sheet may hold', () => {
  it('units of the right kind, years that were, and more than nothing', () => {
    const wrong = (more: object) =>
      specValueSchema.safeParse({ ...figureOf('bore', 65, 'mm'), ...more }).error?.issues[0]?.message
    expect(wrong({ unit: 'bar' })).toContain('choose mm, thou, in')
    expect(wrong({ value: 0 })).toBe('A specification must be more than nothing.')
    expect(wrong({ year: 20 })).toBe('Year must be 1880 or later.')
    expect(wrong({ source: 'pub' })).toContain('Source')
    expect(specValueSchema.safeParse(figureOf('inlet_closes', 0, 'deg')).success).toBe(true)
  })
  it('only one chosen figure an item', () => {
    const two = [
      figureOf('bore', 65, 'mm', 'maker', { chosen: true }),
      figureOf('bore', 66, 'mm', 'book', { chosen: true }),
    ]
    expect(specListSchema.safeParse(two).error?.issues[0]?.message).toContain('only one of its figures')
  })
  it('sheets of the first version are read, with no fill table', () => {
    const old = [{ item: 'oil_capacity', value: 550, unit: 'mL', source: 'maker', note: null }]
    expect(sheetBodySchema.parse(old)).toEqual({ values: [figureOf('oil_capacity', 550, 'mL')], fill: null })
  })
  it('a fill table that goes one way, with marks the right way round', () => {
    const table = {
      kind: 'level',
      unit: 'mm',
      points: [
        [8, 380],
        [15, 450],
        [27, 600],
      ],
      lowAt: 15,
      fullAt: 27,
    }
    const wrong = (more: object) => fillTableSchema.safeParse({ ...table, ...more }).error?.issues[0]?.message
    expect(fillTableSchema.safeParse(table).success).toBe(true)
    expect(
      wrong({
        points: [
          [8, 380],
          [15, 350],
        ],
      }),
    ).toContain('goes back on itself')
    expect(wrong({ points: [[8, 380]] })).toContain('at least two points')
    expect(wrong({ lowAt: 30 })).toBe('The full mark must read higher than the low mark.')
    expect(
      wrong({
        kind: 'ullage',
        points: [
          [40, 380],
          [25, 600],
        ],
      }),
    ).toBe('Read down from the rim, the full mark must read less than the low mark.')
    expect(
      fillTableSchema.safeParse({
        ...table,
        kind: 'ullage',
        points: [
          [40, 380],
          [25, 600],
        ],
        lowAt: 38,
        fullAt: 26,
      }).success,
    ).toBe(true)
  })
})
