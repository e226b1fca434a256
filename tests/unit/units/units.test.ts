import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { UNITS } from '#core/units/unitTable'
import { convert } from '#core/units/unitConvert'
import { quantityText } from '#core/units/unitRound'
import { calc, refusal } from '../../calc'

describe('units', () => {
  it('converts what is read off tools', () => {
    expect(calc('unit_convert', { value: 100, from_unit: 'in.lbf', to_unit: 'N.m' }).value).toBeCloseTo(11.2985, 4)
    expect(calc('unit_convert', { value: 20, from_unit: 'ft.lbf', to_unit: 'N.m' }).value).toBeCloseTo(27.1164, 4)
    expect(calc('unit_convert', { value: 1, from_unit: 'US_floz', to_unit: 'mL' }).value).toBe(29.5735295625)
    expect(calc('unit_convert', { value: 212, from_unit: 'F', to_unit: 'C' }).value).toBeCloseTo(100, 10)
    expect(calc('unit_convert', { value: 9, from_unit: 'dF', to_unit: 'dC' }).value).toBeCloseTo(5, 12)
    expect(calc('unit_convert', { value: -0.5, from_unit: 'bar', to_unit: 'kPa' }).value).toBe(-50)
  })

  it('takes a pound-foot for twelve pound-inches, never for one', () => {
    expect(convert(1, 'ft.lbf', 'in.lbf')).toBeCloseTo(12, 12)
  })

  it('goes there and back for every pair of one kind', () => {
    const pairs = Object.entries(UNITS).flatMap(([a, x]) =>
      Object.entries(UNITS)
        .filter(([, y]) => y.kind === x.kind)
        .map(([b]) => [a, b] as const),
    )
    fc.assert(
      fc.property(fc.constantFrom(...pairs), fc.double({ min: 0, max: 1e6, noNaN: true }), ([a, b], value) => {
        expect(Math.abs(convert(convert(value, a, b), b, a) - value)).toBeLessThanOrEqual(1e-9 * Math.max(1, value))
      }),
    )
  })

  it('refuses unlike kinds, a difference for a temperature, unknown names and the impossibly cold', () => {
    expect(refusal('unit_convert', { value: 1, from_unit: 'mm', to_unit: 'psi' })).toBe('bad_unit to_unit')
    expect(refusal('unit_convert', { value: 1, from_unit: 'C', to_unit: 'dC' })).toBe('bad_unit to_unit')
    expect(refusal('unit_convert', { value: 1, from_unit: 'toString', to_unit: 'mm' })).toBe('bad_unit from_unit')
    expect(refusal('unit_convert', { value: -300, from_unit: 'C', to_unit: 'F' })).toBe('out_of_range value')
    expect(refusal('unit_round', { value: 1, unit: 'MPa' })).toBe('bad_unit unit')
  })

  it('rounds half away from zero with the decimals of the unit', () => {
    expect(calc('unit_round', { value: 0.0125, unit: 'mm' })).toEqual({ value: 0.013, text: '0.013' })
    expect(calc('unit_round', { value: -0.0125, unit: 'mm' })).toEqual({ value: -0.013, text: '-0.013' })
    expect(calc('unit_round', { value: 9.995, unit: 'N.m' })).toEqual({ value: 10, text: '10.00' })
    expect(calc('unit_round', { value: -0.2, unit: 'psi' })).toEqual({ value: 0, text: '0' })
    expect(quantityText(62.4, 'psi')).toBe('62 psi')
  })

  it('adds the air around, and knows a vacuum deeper than perfect', () => {
    expect(calc('gauge_to_abs', { p_gauge_kpa: 700 }).p_abs_kpa).toBeCloseTo(801.325, 9)
    expect(refusal('gauge_to_abs', { p_gauge_kpa: -102 })).toBe('out_of_range p_gauge_kpa')
    expect(refusal('gauge_to_abs', { p_gauge_kpa: 0, p_amb_kpa: 40 })).toBe('out_of_range p_amb_kpa')
  })
})
