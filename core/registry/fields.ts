import { isUnit } from '../units/unitTable'
import type { Field } from './fieldTypes'
import { parseField } from './objectField'

interface NumberRange {
  min?: number
  max?: number
  above?: number
  below?: number
  whole?: boolean
}

const finite = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value)

function rangeWords(range: NumberRange): string {
  const low =
    range.above !== undefined ? `more than ${range.above}` : range.min !== undefined ? `at least ${range.min}` : ''
  const high =
    range.below !== undefined ? `less than ${range.below}` : range.max !== undefined ? `at most ${range.max}` : ''
  const whole = range.whole ? 'a whole number, ' : ''
  return whole + [low, high].filter(Boolean).join(' and ')
}

/** A day as YYYY-MM-DD. */
export function date(): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      const read =
        typeof value === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(value) ? new Date(`${value}T00:00:00Z`) : null
      if (!read || Number.isNaN(read.getTime()) || read.toISOString().slice(0, 10) !== value)
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be a date such as 2030-05-01, not ${show(value)}.`,
        })
      return value
    },
    schema: () => ({ type: 'string', format: 'date' }),
  }
}

/** A finite number inside a range. `above` and `below` are open ends, `min` and `max` closed ones. */
export function num(range: NumberRange = {}): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (!finite(value)) {
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be a number, not ${show(value)}.`,
        })
        return Number.NaN
      }
      const outside =
        (range.min !== undefined && value < range.min) ||
        (range.max !== undefined && value > range.max) ||
        (range.above !== undefined && value <= range.above) ||
        (range.below !== undefined && value >= range.below) ||
        (range.whole === true && !Number.isInteger(value))
      if (outside)
        issues.push({
          step: 2,
          code: 'out_of_range',
          field: path,
          message: `${path} is ${value}; it must be ${rangeWords(range)}.`,
        })
      return value
    },
    schema: () => ({
      type: range.whole ? 'integer' : 'number',
      ...(range.min !== undefined && { minimum: range.min }),
      ...(range.max !== undefined && { maximum: range.max }),
      ...(range.above !== undefined && { exclusiveMinimum: range.above }),
      ...(range.below !== undefined && { exclusiveMaximum: range.below }),
    }),
  }
}

/** One of a few words. */
export function choice(words: readonly string[]): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'string' || !words.includes(value)) {
        issues.push({
          step: 2,
          code: 'bad_choice',
          field: path,
          message: `${path} must be one of ${words.join(', ')}, not ${show(value)}.`,
        })
      }
      return value
    },
    schema: () => ({ enum: [...words] }),
  }
}

/** One of a few figures. */
export function oneOf(figures: readonly number[]): Field {
  const any = num()
  return {
    ...any,
    parse(value, path, issues) {
      const parsed = any.parse(value, path, issues)
      if (finite(parsed) && !figures.includes(parsed))
        issues.push({
          step: 2,
          code: 'bad_choice',
          field: path,
          message: `${path} must be ${figures.join(' or ')}, not ${parsed}.`,
        })
      return parsed
    },
    schema: () => ({ enum: [...figures] }),
  }
}

/** True or false. */
export function flag(): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'boolean')
        issues.push({
          step: 2,
          code: 'bad_choice',
          field: path,
          message: `${path} must be true or false, not ${show(value)}.`,
        })
      return value
    },
    schema: () => ({ type: 'boolean' }),
  }
}

/** A name, any text. */
export function text(): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'string')
        issues.push({ step: 2, code: 'bad_choice', field: path, message: `${path} must be text, not ${show(value)}.` })
      return value
    },
    schema: () => ({ type: 'string' }),
  }
}

/** A unit that the unit table knows. */
export function unit(): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'string' || !isUnit(value)) {
        issues.push({
          step: 2,
          code: 'bad_unit',
          field: path,
          message: `${path} is ${show(value)}, which is not a unit known here. Write it as in the unit list, for example mm, ft.lbf, psi or US_floz.`,
        })
      }
      return value
    },
    schema: () => ({ type: 'string' }),
  }
}

/** A list whose items are all alike. */
export function list(item: Field, min = 0): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (!Array.isArray(value)) {
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be a list, not ${show(value)}.`,
        })
        return []
      }
      if (value.length < min)
        issues.push({
          step: 2,
          code: 'too_few',
          field: path,
          message: `${path} needs at least ${min}, and has ${value.length}.`,
        })
      return value.map((one, i) => parseField(item, one, `${path}[${i}]`, issues))
    },
    schema: () => ({ type: 'array', items: item.schema(), ...(min > 0 && { minItems: min }) }),
  }
}

/** A row of fixed length, such as [reading, volume]. */
export function row(items: Field[]): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (!Array.isArray(value)) {
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be a row of ${items.length}, not ${show(value)}.`,
        })
        return []
      }
      if (value.length !== items.length) {
        issues.push({
          step: 2,
          code: 'too_few',
          field: path,
          message: `${path} needs exactly ${items.length} figures, and has ${value.length}.`,
        })
        return value
      }
      return items.map((item, i) => parseField(item, value[i], `${path}[${i}]`, issues))
    },
    schema: () => ({
      type: 'array',
      prefixItems: items.map(i => i.schema()),
      minItems: items.length,
      maxItems: items.length,
    }),
  }
}

function show(value: unknown): string {
  if (typeof value === 'number') return String(value)
  const shown = JSON.stringify(value) ?? String(value)
  return shown.length > 40 ? `${shown.slice(0, 40)}…` : shown
}
