import type { SignDraft } from '../../log/facts'
import { oneOf } from '../../catalogue/oneOf'
import type { Logged } from '../../log/entry'
import type { TurnOverBody } from './schema'

const TURN = { locked: 'turns_locked', free: 'turns_free', tight_spot: 'turns_tight', weak: 'turns_weak', normal: '' }

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<TurnOverBody>): SignDraft[] {
  return oneOf(TURN, entry.body.feel)
}
