import type { Check } from '../catalogue'
import { forbidding } from '../judgement'
import type { Stop } from '../judgement'
import type { Act } from '../log/facts'
import type { NextLook } from './look'

/** The engine's looks that ask the same. */
const LOOK_ACTS: Partial<Record<NextLook['id'], Act>> = { compression: 'crank', retest: 'crank', turn_over: 'turn' }

/** What a check asks of the engine; null where it only looks, feels or turns it by hand with the plug out. */
export const actOf = (check: Check): Act | null =>
  check.runs ? 'run' : check.cranks ? 'crank' : check.turns ? 'turn' : null

/** The danger that forbids a check now, or null: what is forbidden is not offered either. */
export function heldBack(check: Check, stops: Stop[]): Stop | null {
  const act = actOf(check)
  return act === null ? null : (forbidding(stops, act)[0] ?? null)
}

/** The looks that no standing danger forbids. */
export const allowedLooks = (looks: NextLook[], stops: Stop[]): NextLook[] =>
  looks.filter(({ id }) => {
    const act = LOOK_ACTS[id]
    return !act || forbidding(stops, act).length === 0
  })
