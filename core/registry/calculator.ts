import type { Field } from './fieldTypes'
import type { Fields } from './objectField'
import { object, parseInputs } from './objectField'
import { InputError } from '../errors'

export interface Calculator {
  name: string
  about: string
  input: Field
  run(inputs: unknown): unknown
}
type Also = Parameters<typeof object>[1]

/**
 * Registers one calculator. The function gets its inputs with camelCase names; its answer's names are turned back.
 * `fn` is trusted to fit `fields`: the fields have been checked by then.
 */
export function calculator(
  name: string,
  about: string,
  fields: Fields,
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- the one place where checked inputs meet typed functions
  fn: (inputs: any) => unknown,
  also?: Also,
): Calculator {
  const input = object(fields, also)
  return { name, about, input, run: inputs => snakeKeys(fn(parseInputs(input, inputs))) }
}

/** Names that don't follow from their camelCase form. */
const SNAKE_EXCEPTIONS: Record<string, string> = {
  mlPer1000Km: 'ml_per_1000km',
  slopeKpaPer100h: 'slope_kpa_per_100h',
  URatio: 'U_ratio',
  UMm: 'U_mm',
}
const snake = (name: string): string => SNAKE_EXCEPTIONS[name] ?? name.replace(/[A-Z]/g, c => `_${c.toLowerCase()}`)

function snakeKeys(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(snakeKeys)
  // a map's names are those of the input, and stay as they were given
  if (value instanceof Map) return Object.fromEntries([...value].map(([k, v]) => [k, snakeKeys(v)]))
  if (typeof value !== 'object' || value === null) return tidyZero(value)
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .map(([k, v]) => [snake(k), snakeKeys(v)]),
  )
}

function tidyZero(value: unknown): unknown {
  if (typeof value !== 'number') return value
  if (!Number.isFinite(value))
    throw new InputError(
      'out_of_range',
      'inputs',
      'The figures are too large or too small to compute with: check the decimal point and the unit.',
    )
  return value === 0 ? 0 : value
}
