import diff from 'microdiff'
import { hashOf } from './hash'
import type { FieldFault } from './refusal'

const shown = (value: unknown): string =>
  value === undefined || value === null || value === ''
    ? 'nothing'
    : `‘${typeof value === 'object' ? JSON.stringify(value).slice(0, 120) : String(value).slice(0, 120)}’`

/** What differs between two records, a fault a field, in the words given. */
export function differences(was: object, is: object, words: (was: string, is: string) => string): FieldFault[] {
  return diff(was as Record<string, unknown>, is as Record<string, unknown>)
    .slice(0, 40)
    .map(d => ({
      field: d.path.join('.'),
      message: words(shown('oldValue' in d ? d.oldValue : undefined), shown('value' in d ? d.value : undefined)),
    }))
}

/** A record's version: it changes when, and only when, what the record says does. */
export const versionOf = (record: unknown): string => hashOf(JSON.stringify(record)).slice(0, 20)
