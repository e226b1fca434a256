import { InputError } from '../errors'

interface Range {
  low: number
  high: number
  /** the low end itself is not allowed */
  above?: true
  whole?: true
}

/**
 * A figure that was given, or why not.
 * @throws InputError `missing`, `not_a_number` or `out_of_range`, with the field
 */
export function figure(value: unknown, field: string, { low, high, above, whole }: Range): number {
  if (value === null || value === undefined) throw new InputError('missing', field, `Say ${field}.`)
  if (typeof value !== 'number' || Number.isNaN(value) || (whole && !Number.isInteger(value)))
    throw new InputError('not_a_number', field, `${field}: a ${whole ? 'whole ' : ''}figure.`)
  if (value > high || (above ? value <= low : value < low))
    throw new InputError('out_of_range', field, `${field}: ${above ? 'more than' : 'from'} ${low} to ${high}.`)
  return value
}
