import { TIE } from '../errors'
import { lineScale, optionCosts } from '../estimate/optionCost'
import { pertShape } from '../estimate/pert'
import type { EntryOf } from '../entries/types'
import type { EstimateLine } from '../estimate/estimateLine'
import type { LeadRule, ShopPolicy } from '../engine/policy'
import { HOUR_LINES } from '../words/deciding'
import { bestOf } from './decide'
import type { OptionJudgement } from './judgeOptions'
import type { Fallback, Money } from './money'

/** One figure, and where it would have to stand for the choice to change. */
export interface FlipPoint {
  optionId: string
  lineId: string | null
  label: string
  /** what kind of fact it is: whether a line is needed, its price, its hours, whether the work holds */
  about: 'need' | 'price' | 'hours' | 'success'
  unit: 'money' | 'hours' | 'chance'
  /** the expected figure now */
  now: number
  at: number
  direction: 'above' | 'below'
  from: string
  to: string
  /** what changes there */
  because: 'net' | 'cap' | 'share'
  /** inside what was thought possible (low to high) */
  plausible: boolean
}

/** What a rule looks at to choose. */
type Rated = Pick<
  OptionJudgement,
  'entryId' | 'name' | 'mends' | 'valueAfter' | 'allowed' | 'withinShare' | 'net' | 'gain' | 'expHours' | 'costPerH'
>

/** The leading option under a rule, or undefined when leaving it unmended leads. */
export const leadingOption = <O extends Rated>(options: O[], fallback: Fallback, rule: LeadRule): O | undefined =>
  bestOf(
    options.filter(o => o.mends && o.valueAfter !== null && (rule !== 'share_of_value' || o.withinShare)),
    fallback.value,
    rule === 'cost_per_hour' ? 'keep' : 'sell',
  )

/** A figure of one option that is not certain; cost and success move in straight lines with it. */
interface Variable {
  lineId: string | null
  label: string
  about: FlipPoint['about']
  unit: FlipPoint['unit']
  now: number
  low: number
  high: number
  top: number
  /** mean cost = meanAt0 + slope × x */
  meanAt0: number
  slope: number
  /** largest x that keeps P90 within the cap; null when the cap never bites */
  capBreak: number | null
}

/** Up to so many lines of a way each one is asked where it would carry the way across the cap, however unlikely. */
const ASK_ALL = 40

/** Amounts up to this are searched, in the unit of the figure. */
const SEARCH_TOP = 1e7

/**
 * The exact figures at which the choice changes, one uncertain line or chance at a time, all else staying as it is.
 * A line's price is taken as known exactly at the flip. What can be found out
 * (a line's price or chance) comes before what can only be guessed (whether the work holds); then the nearest first.
 */
export function flipPoints(
  entries: readonly EntryOf<'option'>[],
  options: OptionJudgement[],
  fallback: Fallback,
  money: Money,
  policy: ShopPolicy,
): FlipPoint[] {
  const flips = options
    .filter(o => o.mends && o.ruledOut === null && o.valueAfter !== null)
    .flatMap(option => {
      const entry = entries.find(e => e.id === option.entryId)
      return entry
        ? variablesOf(entry, option, money, policy).flatMap(v =>
            flipsOf(v, option, options, fallback, money, policy.leadRule),
          )
        : []
    })
  return flips.sort(
    (a, b) =>
      Number(b.plausible) - Number(a.plausible) || KNOWABLE[a.about] - KNOWABLE[b.about] || distance(a) - distance(b),
  )
}

/** What a look inside settles first; whether the work will hold can only be guessed. */
const KNOWABLE = { need: 0, price: 1, hours: 2, success: 3 } as const

const distance = (f: FlipPoint): number => Math.abs(f.at - f.now) / Math.max(f.unit === 'chance' ? 0.5 : f.now, TIE)

function variablesOf(entry: EntryOf<'option'>, option: OptionJudgement, money: Money, policy: ShopPolicy): Variable[] {
  const { lines } = entry.body
  const costs = lines.filter(l => l.type !== 'sale')
  const success: Variable = {
    lineId: null,
    label: `chance that ‘${option.name}’ holds`,
    about: 'success',
    unit: 'chance',
    now: option.successChance,
    low: 0,
    high: 1,
    top: 1,
    meanAt0: option.mean,
    slope: 0,
    capBreak: null,
  }
  // only a cap asks for the whole spread without each line
  const family = money.cap === null ? null : optionCosts(lines, policy, 1024)
  const perLine = costs
    .filter(l => l.high > l.low || l.chance < 1 || l.priceKind === 'estimate')
    .flatMap(line => [priceOf(line), ...(line.chance < 1 ? [chanceOf(line)] : [])])
  return [...(option.successChance < 1 ? [success] : []), ...perLine]

  /** of very many lines only those are asked about the cap that can carry the way across it inside what was thought possible */
  function mayCross(line: EstimateLine): boolean {
    if (costs.length <= ASK_ALL) return true
    const least = line.chance < 1 ? 0 : line.low
    const swing = (line.high - least) * lineScale(line, policy)
    return Math.abs(option.p90 - (money.cap ?? Infinity)) <= swing
  }
  function priceOf(line: EstimateLine): Variable {
    const hours = HOUR_LINES.includes(line.type)
    const major = hours ? 1 : lineScale(line, { ...policy, taxPct: 0 })
    const scale = lineScale(line, policy) / major
    const shape = pertShape({ a: line.low * major, m: line.likely * major, b: line.high * major })
    return {
      lineId: line.id,
      label: line.text,
      about: hours ? 'hours' : 'price',
      unit: hours ? 'hours' : 'money',
      now: shape.mean,
      low: line.low * major,
      high: line.high * major,
      top: SEARCH_TOP,
      meanAt0: option.mean - line.chance * shape.mean * scale,
      slope: line.chance * scale,
      capBreak:
        money.cap === null || family === null || line.chance === 0 || !mayCross(line)
          ? null
          : priceCapBreak(line.chance, scale, money.cap, family.without(line.id)),
    }
  }
  function chanceOf(line: EstimateLine): Variable {
    const scale = lineScale(line, policy)
    const mean = pertShape({ a: line.low, m: line.likely, b: line.high }).mean * scale
    return {
      lineId: line.id,
      label: `chance that ‘${line.text}’ is needed`,
      about: 'need',
      unit: 'chance',
      now: line.chance,
      low: 0,
      high: 1,
      top: 1,
      meanAt0: option.mean - line.chance * mean,
      slope: mean,
      capBreak:
        money.cap === null || family === null || !mayCross(line)
          ? null
          : chanceCapBreak(money.cap, family.without(line.id), family.needed(line.id)),
    }
  }
}

interface Distribution {
  cdf(x: number): number
  quantile(q: number): number
}

/** F(cap) = (1−p)·R(cap) + p·R(cap − x·scale) = 0.9, solved for x; R is the rest of the option without the line. */
function priceCapBreak(chance: number, scale: number, cap: number, rest: Distribution): number | null {
  const wanted = (0.9 - (1 - chance) * rest.cdf(cap)) / chance
  if (wanted <= 0) return null
  if (wanted > 1) return -Infinity
  return (cap - rest.quantile(Math.min(1, wanted))) / scale
}

/** (1−p)·R(cap) + p·N(cap) = 0.9, solved for p; N is the option with the line needed for sure. */
function chanceCapBreak(cap: number, rest: Distribution, needed: Distribution): number | null {
  const [without, withIt] = [rest.cdf(cap), needed.cdf(cap)]
  if (withIt >= 0.9 - TIE) return null
  if (without < 0.9) return -Infinity
  return (without - 0.9) / (without - withIt)
}

function flipsOf(
  v: Variable,
  option: OptionJudgement,
  options: OptionJudgement[],
  fallback: Fallback,
  money: Money,
  rule: LeadRule,
): FlipPoint[] {
  const value = option.valueAfter ?? 0
  const { entryId, name: called, mends, valueAfter } = option
  const at = (x: number): Rated => {
    const q = v.about === 'success' ? x : option.successChance
    const mean = v.meanAt0 + v.slope * x
    const spent = mean + option.downtime + (1 - q) * option.comeback
    const expHours = q * option.hoursOk + (1 - q) * option.hoursFail
    const net = q * value + (1 - q) * fallback.value - spent
    const allowed = option.ruledOut === null && (v.capBreak === null ? option.allowed : x <= v.capBreak + TIE)
    const withinShare = !money.running || (100 * mean) / money.running <= money.shareLimitPct + TIE
    return {
      entryId,
      name: called,
      mends,
      valueAfter,
      net,
      gain: net - fallback.value,
      expHours,
      costPerH: expHours > 0 ? spent / expHours : null,
      allowed,
      withinShare,
    }
  }
  const place = options.indexOf(option)
  const bestAt = (x: number) => leadingOption<Rated>(options.with(place, at(x) as OptionJudgement), fallback, rule)
  const root = (f: (x: number) => number): number[] => {
    const [f0, f1] = [f(0), f(1)]
    return Math.abs(f1 - f0) < TIE ? [] : [f0 / (f0 - f1)]
  }
  const spentAt = (o: Rated): number => (o.costPerH ?? 0) * o.expHours
  const rivals = options.filter(o => o.entryId !== option.entryId && o.mends)
  const breaks: { x: number; because: FlipPoint['because'] }[] = [
    ...(rule === 'cost_per_hour'
      ? rivals
          .filter(o => o.costPerH !== null)
          .flatMap(o => root(x => spentAt(at(x)) - (o.costPerH ?? 0) * at(x).expHours))
      : [...rivals.map(o => o.net), fallback.value].flatMap(net => root(x => at(x).net - net))
    ).map(x => ({ x, because: 'net' as const })),
    ...(v.capBreak === null ? [] : [{ x: v.capBreak, because: 'cap' as const }]),
    ...(rule === 'share_of_value' && money.running && v.slope > 0
      ? [{ x: ((money.shareLimitPct / 100) * money.running - v.meanAt0) / v.slope, because: 'share' as const }]
      : []),
  ]
    .filter(b => b.x > TIE && b.x < v.top - TIE)
    .sort((a, b) => a.x - b.x)

  const here = bestAt(v.now)
  // with the figure known exactly, even at its mean, another option may lead: then there is no single point to name
  if (here?.entryId !== leadingOption(options, fallback, rule)?.entryId) return []
  const name = (o: Rated | undefined): string => o?.name ?? fallback.name
  const found = (side: typeof breaks, direction: FlipPoint['direction']): FlipPoint[] => {
    for (const [i, b] of side.entries()) {
      const beyond = side[i + 1]?.x ?? (direction === 'above' ? v.top : 0)
      const after = bestAt((b.x + beyond) / 2)
      if (after?.entryId !== here?.entryId) {
        return [
          {
            optionId: option.entryId,
            lineId: v.lineId,
            label: v.label,
            about: v.about,
            unit: v.unit,
            now: v.now,
            at: b.x,
            direction,
            from: name(here),
            to: name(after),
            because: b.because,
            plausible: b.x >= v.low - TIE && b.x <= v.high + TIE,
          },
        ]
      }
    }
    return []
  }
  return [
    ...found(
      breaks.filter(b => b.x >= v.now),
      'above',
    ),
    ...found(breaks.filter(b => b.x < v.now).reverse(), 'below'),
  ]
}
