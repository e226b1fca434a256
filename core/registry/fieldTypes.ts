import type { ErrorCode } from '../errors'

/**
 * Input fields of the calculators: one description gives both the checks and the JSON Schema.
 * Checks run over all inputs in three steps (missing and unreadable; count, word, unit and range; then, inside the
 * function itself, order and contradiction), so the first fault named never depends on the order of typing.
 */
export interface Issue {
  step: 1 | 2 | 3
  code: ErrorCode
  field: string
  message: string
}

export type JsonSchema = Record<string, unknown>

export interface Field {
  optional: boolean
  fallback: unknown
  parse(value: unknown, path: string, issues: Issue[]): unknown
  schema(): JsonSchema
}

/** Null and not there at all are the same. */
export const absent = (value: unknown): boolean => value === null || value === undefined

/** A note that `field` is missing, for checks on fields that depend on one another. */
export const missing = (field: string, why: string): Issue => ({
  step: 1,
  code: 'missing',
  field,
  message: `${field} is missing: ${why}`,
})
