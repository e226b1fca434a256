import { moneyText, toMajor } from '../units/money'
import type { EntryOf } from '../entries/types'
import type { OptionBody } from '../entries/option/schema'
import type { TermsBody } from '../entries/terms/schema'
import type { EngineFacts } from '../engine/facts'
import type { LeadRule, ShopPolicy } from '../engine/policy'
import type { Way } from '../words/deciding'
import { MENDING } from '../words/deciding'
import { USE_CLASSES } from '../engine/words'
import type { FlipPoint } from './flipPoints'
import { flipPoints, leadingOption } from './flipPoints'
import type { OptionJudgement } from './judgeOptions'
import type { Fallback, Money } from './money'
import { judgeOptions } from './judgeOptions'
import { AS_IS, workPolicy } from './money'
import type { LookFirst } from './lookFirst'
import { looksFirst } from './lookFirst'

export type Outcome = 'repair' | 'rebuild' | 'replace' | 'part_out' | 'scrap' | 'leave'
export const OUTCOME_WORDS: Record<Outcome, string> = {
  repair: 'Repair',
  rebuild: 'Rebuild',
  replace: 'New engine',
  part_out: 'Part out',
  scrap: 'Scrap',
  leave: 'Leave it',
}

export interface Verdict {
  outcome: Outcome
  /** entry id of the option, or `as_is` */
  bestId: string
  bestName: string
  headline: string
  reasons: string[]
  /** where another rule would choose otherwise */
  disagreements: string[]
  doubts: string[]
  flips: FlipPoint[]
  flipWords: string[]
  rule: LeadRule
  /** facts worth finding out first, the best gain first */
  looks: LookFirst[]
}

export interface DecisionView {
  options: OptionJudgement[]
  fallback: Fallback
  money: Money
  verdict: Verdict | null
}

export const RULE_WORDS: Record<LeadRule, string> = {
  net_value: 'what leaves most money over',
  cost_per_hour: 'least cost for each hour it will run',
  share_of_value: 'the share of its value that mending may cost',
}

const OUTCOME_OF: Record<Way | 'as_is', Outcome> = {
  adjust: 'repair',
  repair: 'repair',
  rings: 'rebuild',
  rebore: 'rebuild',
  rebuild: 'rebuild',
  donor: 'rebuild',
  exchange: 'replace',
  new_engine: 'replace',
  new_machine: 'replace',
  wait: 'leave',
  part_out: 'part_out',
  scrap: 'scrap',
  as_is: 'leave',
}

/** What findings say of a way: why it can't be gone, and what was not looked at. */
export interface Found {
  ruledOut?: (option: OptionBody) => string | null
  unlooked?: (option: OptionBody) => string[]
  facts?: Pick<EngineFacts, 'bore' | 'engineClass'>
  /** what is put in already, major units, tax in */ spent?: number
}

/** All ways to go compared; the verdict is null until at least one option can be rated. */
export function judgeDecision(
  entries: readonly EntryOf<'option'>[],
  terms: TermsBody | undefined,
  given: ShopPolicy,
  { ruledOut = () => null, unlooked = () => [], facts, spent = 0 }: Found = {},
): DecisionView {
  const policy = workPolicy(terms, given)
  const { options, fallback, money } = judgeOptions(entries, terms, policy, ruledOut, facts, spent)
  const rateable = options.filter(o => o.ruledOut === null && (!o.mends || o.valueAfter !== null))
  // where every way is ruled out, that is an answer too
  if (!rateable.length && !options.some(o => o.ruledOut !== null)) return { options, fallback, money, verdict: null }
  const best = leadingOption(options, fallback, policy.leadRule)
  const bestBody = entries.find(e => e.id === best?.entryId)?.body
  const flips = flipPoints(entries, options, fallback, money, policy)
  const view = { options, fallback, money, policy, terms, best, spent }
  return {
    options,
    fallback,
    money,
    verdict: {
      outcome: OUTCOME_OF[best?.way ?? fallback.way],
      bestId: best?.entryId ?? fallback.id,
      bestName: best?.name ?? fallback.name,
      headline: best?.name ?? fallback.name,
      reasons: reasonsOf(view),
      disagreements: disagreementsOf(view),
      doubts: [...(bestBody ? unlooked(bestBody) : []), ...doubtsOf(view, entries)],
      looks: looksFirst(entries, options, fallback, policy),
      flips,
      flipWords: flips.slice(0, 4).map(f => flipText(f, policy)),
      rule: policy.leadRule,
    },
  }
}

interface View {
  options: OptionJudgement[]
  fallback: Fallback
  money: Money
  policy: ShopPolicy
  terms: TermsBody | undefined
  best: OptionJudgement | undefined
  spent: number
}

function reasonsOf({ options, fallback, money, policy, terms, best, spent }: View): string[] {
  const cash = (x: number): string => moneyText(x, policy.currency)
  const reasons: string[] = []
  const mending = options.filter(o => o.mends && o.ruledOut === null && o.valueAfter !== null)
  if (best) {
    const others = mending.filter(o => o.entryId !== best.entryId && o.allowed)
    const [next] = [...others].sort((a, b) => b.net - a.net)
    reasons.push(
      `Likely to cost ${cash(best.mean)}; eight times in ten between ${cash(best.p10)} and ${cash(best.p90)}.`,
    )
    const rival =
      next && next.net > fallback.value
        ? { name: next.name, net: next.net }
        : { name: fallback.name, net: fallback.value }
    const ahead = best.net - rival.net
    if (policy.leadRule === 'cost_per_hour' && best.costPerH !== null)
      reasons.push(`Cheapest for each hour it will run: ${moneyText(best.costPerH, policy.currency, true)}.`)
    if (!fallback.known && rival.name === fallback.name)
      reasons.push(
        `Better than leaving it, as long as it is worth less than ${cash(best.net / Math.max(best.successChance, 1e-9))} as it stands; nobody said what it is.`,
      )
    else if (ahead >= 0) reasons.push(`It leaves ${cash(ahead)} more than the next best, ${quoted(rival.name)}.`)
    if (best.sharePct !== null)
      reasons.push(
        `That is ${Math.round(best.sharePct)} % of its value running; this shop's limit for ${USE_CLASSES[terms?.useClass ?? 'private']} use is ${money.shareLimitPct} %.`,
      )
    if (best.sharePct !== null && spent > 0 && money.running)
      reasons.push(
        `With ${moneyText(spent, policy.currency, true)} put in already it comes to ${moneyText(best.mean + spent, policy.currency, true)}, ${((100 * (best.mean + spent)) / money.running).toFixed(1)} % of its value.`,
      )
    if (best.downtime > 0) reasons.push(`It stands so long that its owner loses ${cash(best.downtime)} more.`)
    if (best.margin !== null)
      reasons.push(
        `Bought for ${cash(toMajor(terms?.boughtMinor ?? 0, policy.currency))}; sold afterwards it leaves a margin of ${cash(best.margin)}${terms?.ownTimeFree ? ', own time free' : ''}.`,
      )
    if (money.cap !== null)
      reasons.push(
        `Within the owner's cap of ${capWords(money, cash)} with ${Math.round(100 * (best.pWithinCap ?? 0))} % certainty.`,
      )
  } else {
    const top = [...mending].sort((a, b) => b.net - a.net)[0]
    const asIs = money.asIsKnown ? `it is worth ${cash(money.asIs)}` : 'nobody said what it is worth'
    reasons.push(
      fallback.id === AS_IS
        ? `As it stands ${asIs}.`
        : `It brings ${cash(fallback.value)} after the work; as it stands ${asIs}.`,
    )
    if (top && top.allowed && top.net <= fallback.value && !fallback.known)
      reasons.push(`${quoted(top.name)}, the best way of mending, would cost ${cash(-top.net)} more than it leaves.`)
    else if (top && top.allowed && top.net <= fallback.value)
      reasons.push(
        `${quoted(top.name)}, the best way of mending, would leave ${cash(top.net)}: ${cash(fallback.value - top.net)} less.`,
      )
  }
  for (const o of mending) {
    if (!o.allowed && money.cap !== null)
      reasons.push(
        `${quoted(o.name)} is out: nine times in ten it stays under ${cash(o.p90)}, and the owner's cap is ${capWords(money, cash)}.`,
      )
    else if (policy.leadRule === 'share_of_value' && !o.withinShare && o.sharePct !== null)
      reasons.push(
        `${quoted(o.name)} is out: ${Math.round(o.sharePct)} % of its value, and the limit is ${money.shareLimitPct} %.`,
      )
  }
  for (const o of options) if (o.ruledOut !== null) reasons.push(`${quoted(o.name)} is ruled out: ${o.ruledOut}.`)
  return reasons
}

/** A cap for everything is said with what is left of it. */
const capWords = ({ cap, capInAll }: Money, cash: (x: number) => string): string =>
  capInAll === null ? cash(cap ?? 0) : `${cash(capInAll)} in all, ${cash(cap ?? 0)} of it left`

const quoted = (name: string): string => `‘${name}’`

function disagreementsOf({ options, fallback, policy, best, money }: View): string[] {
  const rules: LeadRule[] = ['net_value', 'cost_per_hour', 'share_of_value']
  return rules
    .filter(rule => rule !== policy.leadRule)
    .flatMap(rule => {
      if (rule === 'share_of_value' && !money.running) return []
      const other = leadingOption(options, fallback, rule)
      if (other?.entryId === best?.entryId) return []
      if (rule === 'cost_per_hour' && !options.some(o => o.mends && o.costPerH !== null && o.allowed)) return []
      return [`By ${RULE_WORDS[rule]}, ${quoted(other?.name ?? fallback.name)} would lead.`]
    })
}

function doubtsOf({ options, terms, money, best, spent }: View, entries: readonly EntryOf<'option'>[]): string[] {
  const doubts: string[] = []
  if (money.running === null) doubts.push('What it is worth running has not been said: enter it under Book in.')
  if (terms?.asIsValueMinor === null || terms === undefined)
    doubts.push(
      'What it is worth as it is has not been said: whether mending beats leaving it hangs on that. Enter it under Book in.',
    )
  for (const o of options)
    if (o.mends && o.valueAfter === null && o.ruledOut === null)
      doubts.push(`${quoted(o.name)} can't be rated: its value afterwards is not known.`)
  if (terms?.capMinor !== null && terms?.capMinor !== undefined && !terms.capFor && (spent > 0 || terms.boughtMinor))
    doubts.push(
      'Nobody said whether the cap is for everything or for what is still to come: ask, and enter it under Book in.',
    )
  const PARTS: readonly string[] = ['part', 'outwork']
  for (const { body: way } of entries)
    if (
      MENDING.includes(way.way) &&
      way.lines.some(l => PARTS.includes(l.type)) &&
      !way.lines.some(l => l.type === 'labour')
    )
      doubts.push(`${quoted(way.name)} has parts and not a minute of work: nothing fits itself.`)
  const body = entries.find(e => e.id === best?.entryId)?.body
  const soft = body?.lines.filter(l => l.priceKind === 'estimate').map(l => l.text) ?? []
  if (soft.length) doubts.push(`Estimated, not priced: ${soft.join(', ')}.`)
  if (best) doubts.push("Value after the work and the chance that it holds are the shop's estimate.")
  return doubts
}

/** "Crank: above €412 (now €210) ‘New engine’ takes over." */
export function flipText(f: FlipPoint, policy: ShopPolicy): string {
  const figure = (x: number): string =>
    f.unit === 'money'
      ? moneyText(x, policy.currency, true)
      : f.unit === 'hours'
        ? `${x.toFixed(1)} h`
        : `${Math.round(100 * x)} %`
  const why =
    f.because === 'cap'
      ? ", since it would pass the owner's cap"
      : f.because === 'share'
        ? ', since it would pass the share-of-value limit'
        : ''
  const label = f.label.charAt(0).toUpperCase() + f.label.slice(1)
  return `${label}: ${f.direction} ${figure(f.at)} (now ${figure(f.now)}) it becomes ${quoted(f.to)}${why}.`
}
