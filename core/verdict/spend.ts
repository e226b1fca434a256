import type { Entry, EntryOf } from '../entries/types'
import { minutesOf } from '../entries/spend/minutes'
import type { TermsBody } from '../entries/terms/schema'
import { keptOf } from '../entries/kept'
import type { ShopPolicy } from '../engine/policy'
import type { Stop } from '../judgement'
import { moneyText, toMajor } from '../units/money'

/** Terms as they stand: a cap that the owner changed on a call takes the place of the one before it. */
export function termsNow(inForce: Entry[]): TermsBody | undefined {
  const terms = keptOf(inForce).terms.at(-1)
  if (!terms) return undefined
  const at = inForce.indexOf(terms)
  const call = keptOf(inForce)
    .owner_call.filter(e => e.body.capMinor !== null && inForce.indexOf(e) > at)
    .at(-1)
  return call ? { ...terms.body, capMinor: call.body.capMinor } : terms.body
}

export interface Spend {
  minutes: number
  /** major units, tax in */
  labour: number
  bought: number
  total: number
  /** what the shop paid for the machine, where the cap counts it */
  purchase: number
  cap: number | null
  /** share of the cap, %; null without one */
  sharePct: number | null
  state: 'ok' | 'near_cap' | 'over_cap'
  /** the clock that runs */
  running: EntryOf<'spend'> | null
  /** an answer of the owner since the last entry that brought it so far */
  called: boolean
}

/**
 * What is put into a job so far: time at the shop's rate and what was bought, against the owner's cap.
 * @param now a moment up to which a running clock counts; null for a judgement without a clock
 */
export function spendNow(inForce: Entry[], policy: ShopPolicy, now: string | null = null): Spend {
  const all = keptOf(inForce).spend
  const terms = termsNow(inForce)
  const tax = 1 + policy.taxPct / 100
  const rate = terms?.ownTimeFree ? 0 : toMajor(policy.labourRateMinor, policy.currency) * tax
  const minutes = all.reduce((sum, e) => sum + minutesOf(e.body, now), 0)
  const labour = (minutes / 60) * rate
  const bought = all.reduce((sum, e) => sum + toMajor(e.body.costMinor ?? 0, policy.currency) * tax, 0)
  // a cap for everything is for what the machine was bought for too
  const purchase =
    terms?.capFor === 'in_all' && terms.boughtMinor !== null ? toMajor(terms.boughtMinor, policy.currency) : 0
  const total = labour + bought
  const cap =
    terms?.capMinor === null || terms?.capMinor === undefined ? null : toMajor(terms.capMinor, policy.currency)
  const counted = total + purchase
  const sharePct = cap === null ? null : cap > 0 ? (100 * counted) / cap : counted > 0 ? Infinity : 0
  const last = all.at(-1)
  const answered = keptOf(inForce)
    .owner_call.filter(e => e.body.result === 'answered')
    .at(-1)
  return {
    minutes,
    labour,
    bought,
    total,
    purchase,
    cap,
    sharePct,
    state:
      sharePct === null || sharePct < policy.warnPct - 1e-9
        ? 'ok'
        : counted > (cap ?? 0) + 1e-9
          ? 'over_cap'
          : 'near_cap',
    running: all.find(e => e.body.startedAt !== null && e.body.endedAt === null && e.body.minutes === null) ?? null,
    called: answered !== undefined && (last === undefined || inForce.indexOf(answered) > inForce.indexOf(last)),
  }
}

/** Near the owner's cap the owner is called before more is spent; a call that nobody answered does not count. */
export function spendStop(
  { state, total, purchase, cap, called }: Spend,
  inForce: Entry[],
  policy: ShopPolicy,
): Stop[] {
  if (state === 'ok' || called || cap === null) return []
  const cash = (x: number): string => moneyText(x, policy.currency, x % 1 > 1e-9)
  const over = total + purchase - cap
  const tried = keptOf(inForce).owner_call.at(-1)?.body.result === 'no_answer'
  return [
    {
      id: 'spend',
      forbids: ['spend'],
      canSign: false,
      signed: null,
      title: 'Call the owner first',
      reason: `${cash(total + purchase)} of the cap of ${cash(cap)} is put in already${over > 1e-9 ? `, ${cash(over)} past it` : ''}${tried ? '; the last call was not answered' : ''}.`,
      clearedBy: "The owner's answer on the log, with a new cap where it changes.",
    },
  ]
}

/**
 * A small part against what is put in already and what it would destroy.
 * @param part     its price
 * @param invested what is in the engine or will be, major units alike
 */
export const protectShare = (part: number, invested: number): number | null =>
  invested > 0 ? (100 * part) / invested : null

/** What a total is charged at: rounded up to the shop's step, and at least its least charge. Smallest money unit. */
export const charged = (
  totalMinor: number,
  { minChargeMinor, roundToMinor }: Pick<ShopPolicy, 'minChargeMinor' | 'roundToMinor'>,
): number => Math.max(minChargeMinor, Math.ceil(totalMinor / roundToMinor - 1e-9) * roundToMinor)
