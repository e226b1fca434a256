import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { CheckBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<CheckBody>): SignDraft[] {
  return [
    ...entry.body.found.map((sign): SignDraft => [sign, true]),
    ...entry.body.absent.map((sign): SignDraft => [sign, false]),
  ]
}
