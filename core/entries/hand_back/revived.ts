import type { ShopPolicy } from '../../engine/policy'
import { schoolOf, schoolWords } from '../../engine/schools'
import { keptOf } from '../kept'
import type { Entry } from '../types'

/** What it was brought in for, where an adjustment can have revived it. */
const DEAD: readonly (string | null)[] = ['wont_start', 'wont_turn', 'dies', 'no_power']

/** It did not go, the lash was set, and nothing was renewed or repaired: what moved once may move on. */
function revivedBySetting(inForce: Entry[]): boolean {
  const kept = keptOf(inForce)
  const set = kept.lash.some(e => e.body.state === 'set') && kept.lash.some(e => e.body.state === 'as_found')
  const mended =
    kept.fitted.some(e => e.body.is !== 'oil') ||
    kept.work.some(e => e.body.did === 'renewed' || e.body.did === 'repaired') ||
    kept.part.some(e => e.body.disposition === 'replace' || e.body.disposition === 'machine')
  return set && !mended && DEAD.includes(kept.complaint.at(-1)?.body.about ?? null)
}

/** Why what was only set can't go back as mended yet, by the shop's rule; null where it may. */
export function revivedRefusal(inForce: Entry[], policy: ShopPolicy): string | null {
  if (!revivedBySetting(inForce)) return null
  const kept = keptOf(inForce)
  const rule = schoolWords(policy, 'revived')
  if (schoolOf(policy, 'revived') === 'open')
    return kept.part.length
      ? null
      : `Revived by one adjustment, and nothing was opened. ${rule}. Look at the parts, or hand it back with a test owed.`
  return kept.watch.length
    ? null
    : `Revived by one adjustment: what moved once may move on. ${rule}. Put down what is looked at again, lash and oil after some hours, or hand it back with the test owed.`
}
