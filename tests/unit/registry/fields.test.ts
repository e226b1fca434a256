import { describeCalculators } from '#core/calculators'
import { rateOf } from '#core/registry/rateNames'
import { describe, expect, it } from 'vitest'
import { InputError } from '#core/errors'
import type { Field } from '#core/registry/fieldTypes'
import { choice, flag, list, num, oneOf, row, text, unit } from '#core/registry/fields'
import { camel, object, opt, parseInputs } from '#core/registry/objectField'
import { missing } from '#core/registry/fieldTypes'

const fails = (shape: Field, inputs: unknown): string => {
  try {
    parseInputs(shape, inputs)
  } catch (error) {
    if (error instanceof InputError) return `${error.code} ${error.field}: ${error.message}`
  }
  return 'taken'
}

describe('fields', () => {
  it('open and closed ends of a range', () => {
    const ends = object({
      open: num({ above: 0, below: 1 }),
      closed: num({ min: 0, max: 1 }),
      whole: opt(num({ min: 1, whole: true }), 1),
    })
    expect(fails(ends, { open: 0.5, closed: 0 })).toBe('taken')
    expect(fails(ends, { open: 0, closed: 0 })).toBe(
      'out_of_range open: open is 0; it must be more than 0 and less than 1.',
    )
    expect(fails(ends, { open: 1, closed: 0 })).toContain('out_of_range open')
    expect(fails(ends, { open: 0.5, closed: 1.0001 })).toContain('at least 0 and at most 1')
    expect(fails(ends, { open: 0.5, closed: 1, whole: 1.5 })).toContain('a whole number')
  })

  it('null and absent are the same, and the default stands in', () => {
    const shape = object({ p_amb_kpa: opt(num(), 101.325), mode: opt(choice(['a', 'b'])), on: opt(flag(), false) })
    expect(parseInputs(shape, {})).toEqual({ pAmbKpa: 101.325, mode: null, on: false })
    expect(parseInputs(shape, { p_amb_kpa: null, mode: null, on: null })).toEqual(parseInputs(shape, {}))
    expect(parseInputs(shape, { on: true, mode: 'b', p_amb_kpa: 90 })).toEqual({ pAmbKpa: 90, mode: 'b', on: true })
  })

  it('names the place inside lists, rows and objects', () => {
    const shape = object({
      points: list(row([num(), num({ min: 0 })]), 2),
      items: opt(list(object({ what: choice(['x']), n: opt(num(), 3) })), []),
    })
    expect(
      fails(shape, {
        points: [
          [1, 2],
          [3, 'x'],
        ],
      }),
    ).toContain('not_a_number points[1][1]')
    expect(
      fails(shape, {
        points: [
          [1, 2],
          [3, -1],
        ],
      }),
    ).toContain('out_of_range points[1][1]')
    expect(
      fails(shape, {
        points: [
          [1, 2],
          [3, 4, 5],
        ],
      }),
    ).toContain('too_few points[1]')
    expect(
      fails(shape, {
        points: [
          [1, 2],
          [3, 4],
        ],
        items: [{ what: 'y' }],
      }),
    ).toContain('bad_choice items[0].what')
    expect(
      parseInputs(shape, {
        points: [
          [1, 2],
          [3, 4],
        ],
        items: [{ what: 'x' }],
      }),
    ).toMatchObject({ items: [{ what: 'x', n: 3 }] })
  })

  it('the earlier step is named first, whatever stands first', () => {
    const shape = object({ a: num({ min: 0 }), b: choice(['x']), c: num() }, given =>
      given.c === 1 ? [missing('d', 'c asks for it.')] : [],
    )
    expect(fails(shape, { a: -1, b: 'y', c: 'z' })).toContain('not_a_number c')
    expect(fails(shape, { a: -1, b: 'y', c: 1 })).toBe('missing d: d is missing: c asks for it.')
    expect(fails(shape, { a: -1, b: 'y', c: 2 })).toContain('out_of_range a')
    expect(fails(shape, { a: 1, b: 'y', c: 2 })).toContain('bad_choice b')
  })

  it('words and figures are told apart, and long values cut short', () => {
    expect(fails(object({ u: unit() }), { u: 'furlong' })).toContain('not a unit known here')
    expect(fails(object({ s: oneOf([2, 4]) }), { s: 3 })).toBe('bad_choice s: s must be 2 or 4, not 3.')
    expect(fails(object({ s: oneOf([2, 4]) }), { s: '4' })).toContain('not_a_number s')
    expect(fails(object({ t: text() }), { t: 5 })).toContain('bad_choice t')
    expect(fails(object({ f: flag() }), { f: 'true' })).toContain('must be true or false')
    expect(fails(object({ n: num() }), { n: 'x'.repeat(500) }).length).toBeLessThan(120)
  })

  it('describes itself as JSON Schema', () => {
    const schema = object({
      fuel_ml: num({ above: 0, max: 10 }),
      kind: opt(choice(['a', 'b']), 'a'),
      marks: list(num(), 2),
    }).schema()
    expect(schema).toEqual({
      type: 'object',
      required: ['fuel_ml', 'marks'],
      properties: {
        fuel_ml: { type: 'number', exclusiveMinimum: 0, maximum: 10, description: 'mL' },
        kind: { enum: ['a', 'b'], default: 'a' },
        marks: { type: 'array', items: { type: 'number' }, minItems: 2 },
      },
    })
  })

  it("turns names into the project's own style", () => {
    expect(['p_std_kpa', 'leak_mm2', 'cal_U_mm', 'U', 'v0_ml'].map(camel)).toEqual([
      'pStdKpa',
      'leakMm2',
      'calUMm',
      'U',
      'v0Ml',
    ])
  })
})

describe('a rate', () => {
  it('is counted in what its name says, and never taken for the unit that it ends in', () => {
    expect(rateOf('slip_lpm_per_kpa')).toEqual({ about: 'slip', unit: 'L/min per kPa' })
    expect(rateOf('alpha_per_c')).toEqual({ about: 'alpha', unit: 'per °C' })
    expect(rateOf('normal_use_ml_per_h')).toEqual({ about: 'normal_use', unit: 'mL per h' })
    expect(rateOf('ml_per_h')).toEqual({ about: '', unit: 'mL per h' })
    expect(rateOf('p_amb_kpa')).toBeNull()
  })

  it('no input of any calculator offers bar or thou for a rate', () => {
    const rates = describeCalculators().flatMap(c =>
      Object.entries(c.input.properties ?? {}).filter(([name]) => name.includes('_per_')),
    )
    expect(rates.length).toBeGreaterThan(5)
    for (const [name, schema] of rates) expect(schema.description, name).toMatch(/^\S*( )?per /)
  })
})
