import { InputError } from '../errors'
import type { Field, Issue, JsonSchema } from './fieldTypes'
import { absent } from './fieldTypes'
import { rateOf } from './rateNames'

export type Fields = Record<string, Field>

type AlsoCheck = (value: Record<string, unknown>, path: string) => Issue[]

/** An object with named fields; `also` adds checks on fields that depend on one another. */
export function object(fields: Fields, also?: AlsoCheck): Field {
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'object' || value === null || Array.isArray(value)) {
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be an object with ${Object.keys(fields).join(', ')}.`,
        })
        return {}
      }
      const given = value as Record<string, unknown>
      const prefix = path ? `${path}.` : ''
      const parsed: Record<string, unknown> = {}
      for (const [name, field] of Object.entries(fields))
        parsed[camel(name)] = parseField(field, given[name], prefix + name, issues)
      if (also) issues.push(...also(given, prefix))
      return parsed
    },
    schema: () => ({
      type: 'object',
      properties: Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, described(name, field)])),
      required: Object.entries(fields)
        .filter(([, field]) => !field.optional)
        .map(([name]) => name),
    }),
  }
}

/** The field may be left out, or be null; then `fallback` stands in for it. */
export function opt(field: Field, fallback: unknown = null): Field {
  return { ...field, optional: true, fallback }
}

export function parseField(field: Field, value: unknown, path: string, issues: Issue[]): unknown {
  if (absent(value)) {
    if (!field.optional) issues.push({ step: 1, code: 'missing', field: path, message: `${path} is missing.` })
    return field.fallback
  }
  return field.parse(value, path, issues)
}

/**
 * Reads the inputs of a calculator.
 * @returns the inputs with camelCase names and defaults filled in
 * @throws  InputError naming the first fault, missing or unreadable fields before all others
 */
export function parseInputs(shape: Field, inputs: unknown): Record<string, unknown> {
  const issues: Issue[] = []
  const parsed = shape.parse(inputs, '', issues) as Record<string, unknown>
  const first = [1, 2, 3].map(step => issues.find(i => i.step === step)).find(Boolean)
  if (first)
    throw new InputError(first.code, first.field || 'inputs', first.message.replace(/^ must/, 'The inputs must'))
  return parsed
}

export const camel = (name: string): string => name.replace(/_([a-zA-Z0-9])/g, (_, c: string) => c.toUpperCase())

const UNIT_SUFFIXES: [RegExp, string][] = [
  [/_ml$|^volume_now_ml$/, 'mL'],
  [/_kpa$/, 'kPa'],
  [/_mm2$/, 'mm²'],
  [/_mm$/, 'mm'],
  [/_um$/, 'µm'],
  [/_deg$/, 'degrees'],
  [/_c$/, '°C'],
  [/_h$|^hours/, 'hours'],
  [/_km$|^km$/, 'km'],
  [/_pct$/, 'per cent'],
  [/_m$/, 'metres'],
  [/_kg$/, 'kg'],
  [/_rpm$/, 'rpm'],
]

function described(name: string, field: Field): JsonSchema {
  const unit = rateOf(name)?.unit ?? UNIT_SUFFIXES.find(([pattern]) => pattern.test(name))?.[1]
  const fallback = field.optional && field.fallback !== null ? { default: field.fallback } : {}
  return { ...field.schema(), ...(unit && { description: unit }), ...fallback }
}
