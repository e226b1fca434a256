import type { SignDraft } from '../../log/facts'
import { oneOf } from '../../catalogue/oneOf'
import type { Logged } from '../../log/entry'
import type { TurnOverBody } from './schema'

const TURN = {
  locked: 'turns_locked',
  free: 'turns_free',
  tight_spot: 'turns_tight',
  weak: 'turns_weak',
  hard: 'turns_hard',
  normal: '',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<TurnOverBody>): SignDraft[] {
  const { feel, method } = entry.body
  return [
    ...oneOf(TURN, feel),
    // what was pulled over by its rope has a recoil that takes it along
    ...(method === 'rope' && feel !== 'locked' ? [['recoil_slips', false] satisfies SignDraft] : []),
  ]
}
