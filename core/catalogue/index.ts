import type { EngineFacts } from '../engine/facts'
import { hasSump } from '../oil/fillMarks'
import { CAUSES } from './causes'
import { CHECKS } from './checks'
import type { Cause, Check, LinkWord, Needs, Sign } from './types'
import { LINK_WORDS } from './types'

export { CAUSES } from './causes'
export { CHECKS } from './checks'
export * from './types'

/** Every sign once, with the check that shows it. */
export const SIGNS: ReadonlyMap<string, Sign & { check: string }> = new Map(
  CHECKS.flatMap(check => check.shows.map(sign => [sign.id, { ...sign, check: check.id }] as const)),
)
export const CAUSE_BY_ID: ReadonlyMap<string, Cause> = new Map(CAUSES.map(c => [c.id, c]))
export const CHECK_BY_ID: ReadonlyMap<string, Check> = new Map(CHECKS.map(c => [c.id, c]))

/** Of a sign that tells: rarer than this by itself, and made this often by no more than so many other causes. Shop judgement. */
const TELLS = { leak: 0.05, often: 0.6, others: 3 } as const
const madeBy = new Map<string, number>()
for (const cause of CAUSES)
  for (const [word, signs] of Object.entries(cause.shows) as [LinkWord, readonly string[]][])
    if (LINK_WORDS[word] >= 0.4) for (const sign of signs) madeBy.set(sign, (madeBy.get(sign) ?? 0) + 1)

const strongOf = (cause: Cause): string[] =>
  (Object.entries(cause.shows) as [LinkWord, readonly string[]][])
    .filter(([word]) => LINK_WORDS[word] >= TELLS.often)
    .flatMap(([, signs]) => signs)
    .filter(sign => {
      const known = SIGNS.get(sign)
      return known && known.check !== 'story' && known.leak <= TELLS.leak && (madeBy.get(sign) ?? 0) - 1 <= TELLS.others
    })
const STRONG: ReadonlyMap<string, readonly string[]> = new Map(CAUSES.map(c => [c.id, strongOf(c)]))

/** Every sign that a cause makes show, however often. */
export const shownBy = (cause: Cause): readonly string[] => Object.values(cause.shows).flat()

/** The signs that prove a cause: it shows them often, little else does, and somebody can look for them. */
export const strongSignsOf = (cause: Cause): readonly string[] => STRONG.get(cause.id) ?? []

/** Whether something can be on this engine. What is not known rules nothing out. */
export function fits(needs: Needs | undefined, facts: EngineFacts): boolean {
  if (!needs) return true
  const known = (value: string, wanted: readonly string[] | undefined): boolean =>
    !wanted || value === 'unknown' || wanted.includes(value)
  if (needs.cycle && needs.cycle !== facts.cycle) return false
  if (needs.sump && !hasSump(facts)) return false
  if (needs.classes && !needs.classes.includes(facts.engineClass)) return false
  if (needs.several && facts.cylinders < 2) return false
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
