import { InputError, TIE } from '../errors'
import type { Unit } from './unitTable'
import { UNITS } from './unitTable'

const ABSOLUTE_ZERO_C = -273.15

export function unitNamed(name: string, field: string): Unit {
  const unit = Object.hasOwn(UNITS, name) ? UNITS[name] : undefined
  if (!unit) throw new InputError('bad_unit', field, `${field} is "${name}", which is not a unit known here.`)
  return unit
}

/**
 * A figure in another unit of the same kind. Negative figures pass (vacuum, protrusion).
 * @throws InputError `bad_unit` for unlike kinds (a temperature point against a difference too), `out_of_range` below −273.15 °C
 * @example unitConvert({ value: 21, fromUnit: 'ft.lbf', toUnit: 'N.m' }).value  // => 28.472…
 */
export function unitConvert({ value, fromUnit, toUnit }: { value: number; fromUnit: string; toUnit: string }): {
  value: number
} {
  const from = unitNamed(fromUnit, 'from_unit')
  const to = unitNamed(toUnit, 'to_unit')
  if (from.kind !== to.kind) {
    throw new InputError(
      'bad_unit',
      'to_unit',
      `${fromUnit} measures ${words(from)} and ${toUnit} measures ${words(to)}: choose two units of the same kind.`,
    )
  }
  const internal = value * from.factor + (from.offset ?? 0)
  if (from.kind === 'temperature' && internal < ABSOLUTE_ZERO_C - TIE) {
    throw new InputError('out_of_range', 'value', `${value} ${from.label} is colder than anything can be (−273.15 °C).`)
  }
  if (fromUnit === toUnit) return { value }
  return { value: (internal - (to.offset ?? 0)) / to.factor }
}

const words = (unit: Unit): string => unit.kind.replace('_', ' ')

/** Shorthand for the core: the figure alone. */
export const convert = (value: number, fromUnit: string, toUnit: string): number =>
  unitConvert({ value, fromUnit, toUnit }).value
