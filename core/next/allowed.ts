import type { Check } from '../catalogue'
import { forbidding } from '../judgement'
import type { Stop } from '../judgement'
import type { Act } from '../log/facts'
import type { NextLook } from './nextLooks'

/** The engine's looks that ask the same. */
const CRANKED_LOOKS: readonly NextLook['id'][] = ['compression', 'retest']
const TURNED_LOOKS: readonly NextLook['id'][] = ['turn_over']

/** What a check asks of the engine; null where it only looks, feels or turns it by hand with the plug out. */
export const actOf = (check: Check): Act | null =>
  check.runs ? 'run' : check.cranks ? 'crank' : check.id === 'turn' ? 'turn' : null

/** The danger that forbids a check now, or null: what is forbidden is not offered either. */
export function heldBack(check: Check, stops: Stop[]): Stop | null {
  const act = actOf(check)
  return act === null ? null : (forbidding(stops, act)[0] ?? null)
}

/** The looks that no standing danger forbids. */
export const allowedLooks = (looks: NextLook[], stops: Stop[]): NextLook[] =>
  looks.filter(
    ({ id }) =>
      !(CRANKED_LOOKS.includes(id) && forbidding(stops, 'crank').length) &&
      !(TURNED_LOOKS.includes(id) && forbidding(stops, 'turn').length),
  )
