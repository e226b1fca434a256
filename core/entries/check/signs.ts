import type { SignDraft } from '../../log/facts'
import type { EntryOf } from '../types'

/** What it says of the catalogue's signs. */
export function signs(entry: EntryOf<'check'>): SignDraft[] {
  return [
    ...entry.body.found.map((sign): SignDraft => [sign, true]),
    ...entry.body.absent.map((sign): SignDraft => [sign, false]),
  ]
}
