import type { EngineFacts } from '../engine/facts'
import type { ShopPolicy } from '../engine/policy'
import type { UseClass } from '../engine/words'
import type { TermsBody } from '../entries/terms/schema'
import { toMajor } from '../units/money'
import type { Way } from '../words/deciding'

export interface Money {
  running: number | null
  asIs: number
  /** false: nobody said, and asIs is only the least it can be */ asIsKnown: boolean
  /** what the work to come may cost */
  cap: number | null
  /** the owner's cap, where it is for everything */
  capInAll: number | null
  shareLimitPct: number
}
export interface Fallback {
  id: string
  name: string
  way: Way | 'as_is'
  value: number
  /** false: nobody said what it is worth as it stands; 0 is then only the least it can be */ known: boolean
}

export const AS_IS = 'as_is'

/** On the shop's own machine its own time may cost nothing. */
export const workPolicy = (terms: TermsBody | undefined, policy: ShopPolicy): ShopPolicy =>
  terms?.ownTimeFree ? { ...policy, labourRateMinor: 0 } : policy

/** Most of its value that mending may cost, by use, bore and class of engine. */
export const shareLimit = (
  useClass: UseClass,
  policy: ShopPolicy,
  facts: Pick<EngineFacts, 'bore' | 'engineClass'> | null,
): number =>
  policy.sharePct[useClass] *
  (facts ? ((policy.shareBore[facts.bore] / 100) * policy.shareClass[facts.engineClass]) / 100 : 1)

export function moneyOf(
  terms: TermsBody | undefined,
  policy: ShopPolicy,
  facts: Pick<EngineFacts, 'bore' | 'engineClass'> | null = null,
  spent = 0,
): Money {
  const major = (minor: number | null | undefined): number | null =>
    minor === null || minor === undefined ? null : toMajor(minor, policy.currency)
  const cap = major(terms?.capMinor)
  return {
    running: major(terms?.runningValueMinor),
    asIs: major(terms?.asIsValueMinor) ?? 0,
    asIsKnown: major(terms?.asIsValueMinor) !== null,
    // a cap for everything has what is put in already taken off it
    cap: terms?.capFor === 'in_all' && cap !== null ? Math.max(0, cap - spent) : cap,
    capInAll: terms?.capFor === 'in_all' ? cap : null,
    shareLimitPct: shareLimit(terms?.useClass ?? 'private', policy, facts),
  }
}

/** What it brings unmended, as far as anybody said. */
export const asItIs = (money: Money): Fallback => ({
  id: AS_IS,
  name: 'Leave it as it is',
  way: AS_IS,
  value: money.asIs,
  known: money.asIsKnown,
})
