import type { Entry } from '../types'
import { keptOf } from '../kept'

/** How long a making safe holds: a working day. Ours; a bench that is left over night is looked at again. */
export const SAFE_HOURS = 12

/**
 * Whether a machine stands made safe at a moment: every step ticked within the hours before it, and nothing connected since.
 * @param inForce the standing entries, oldest first
 * @param at      the moment, ISO 8601
 */
export function isSafe(inForce: Entry[], at: string): boolean {
  const last = keptOf(inForce).made_safe.at(-1)
  if (!last || last.body.done.length === 0) return false
  const hours = (Date.parse(at) - Date.parse(last.at)) / 3600_000
  return hours >= -0.1 && hours <= SAFE_HOURS
}
