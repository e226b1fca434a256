import { InputError } from '../errors'
import { convert, unitNamed } from './unitConvert'

/**
 * A figure rounded for people, half away from zero, with the decimals its unit deserves.
 * @throws InputError `bad_unit` when no number of decimals is set for the unit
 * @example unitRound({ value: 28.4721769, unit: 'N.m' })  // => { value: 28.5, text: '28.5' }
 */
export function unitRound({ value, unit }: { value: number; unit: string }): { value: number; text: string } {
  const decimals = unit === 'N.m' && Math.abs(value) < 10 ? 2 : unitNamed(unit, 'unit').decimals
  if (decimals === undefined)
    throw new InputError('bad_unit', 'unit', `${unit} is not shown rounded: convert it to a common unit first.`)
  const rounded = roundHalfAway(value, decimals)
  return { value: rounded, text: rounded.toFixed(decimals) }
}

/** Half away from zero; 1e-9 lifts figures that binary arithmetic left a hair under the half. */
export function roundHalfAway(value: number, decimals: number): number {
  const scale = 10 ** decimals
  const scaled = Math.abs(value) * scale
  const size = Number.isFinite(scaled) ? Math.floor(scaled + 0.5 + 1e-9) / scale : Math.abs(value)
  return size === 0 ? 0 : Math.sign(value) * size
}

/** "28.5 N·m": a figure and its unit as people read it. */
export const quantityText = (value: number, unit: string): string =>
  `${unitRound({ value, unit }).text} ${unitNamed(unit, 'unit').label}`

/** "62 psi" for 427 kPa: a figure in another unit, as people read it. */
export const shownIn = (value: number, fromUnit: string, unit: string): string =>
  quantityText(convert(value, fromUnit, unit), unit)
