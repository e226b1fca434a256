import type { SignDraft } from '../../log/facts'
import type { EntryOf } from '../types'
import { oneOf } from '../../catalogue/oneOf'

const TURN = { locked: 'turns_locked', free: 'turns_free', tight_spot: 'turns_tight', weak: 'turns_weak', normal: '' }

/** What it says of the catalogue's signs. */
export function signs(entry: EntryOf<'turn_over'>): SignDraft[] {
  return oneOf(TURN, entry.body.feel)
}
