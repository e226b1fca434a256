import type { EngineFacts } from '../engine/facts'
import { hasSump } from '../oil/fillMarks'
import { CAUSES } from './causes'
import { CHECKS } from './checks'
import type { Cause, Check, Needs, Sign } from './types'

export { CAUSES } from './causes'
export { CHECKS } from './checks'
export * from './types'

/** Every sign once, with the check that shows it. */
export const SIGNS: ReadonlyMap<string, Sign & { check: string }> = new Map(
  CHECKS.flatMap(check => check.shows.map(sign => [sign.id, { ...sign, check: check.id }] as const)),
)
export const CAUSE_BY_ID: ReadonlyMap<string, Cause> = new Map(CAUSES.map(c => [c.id, c]))
export const CHECK_BY_ID: ReadonlyMap<string, Check> = new Map(CHECKS.map(c => [c.id, c]))

/** Whether something can be on this engine. What is not known rules nothing out. */
export function fits(needs: Needs | undefined, facts: EngineFacts): boolean {
  if (!needs) return true
  const known = (value: string, wanted: readonly string[] | undefined): boolean =>
    !wanted || value === 'unknown' || wanted.includes(value)
  if (needs.cycle && needs.cycle !== facts.cycle) return false
  if (needs.sump && !hasSump(facts)) return false
  if (needs.classes && !needs.classes.includes(facts.engineClass)) return false
  if (needs.release && facts.release === 'none') return false
  if (needs.governor && (facts.governor === 'none' || ['M4', 'V2', 'H2'].includes(facts.engineClass))) return false
  if (
    needs.clutch &&
    (facts.clutch === 'none' ||
      facts.clutch === 'centrifugal' ||
      (facts.clutch === 'unknown' && ['S4', 'H2'].includes(facts.engineClass)))
  )
    return false
  if (needs.cooling && facts.cooling !== 'unknown' && facts.cooling !== needs.cooling) return false
  return (
    known(facts.fuelFeed, needs.fuelFeed) &&
    known(facts.oiling, needs.oiling) &&
    known(facts.valves, needs.valves) &&
    known(facts.ignition, needs.ignition)
  )
}
