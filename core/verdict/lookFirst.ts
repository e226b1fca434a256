import { lineTerm } from '../estimate/optionCost'
import { pertShape } from '../estimate/pert'
import { toMajor } from '../units/money'
import type { EntryOf } from '../entries/types'
import type { EstimateLine } from '../estimate/estimateLine'
import type { ShopPolicy } from '../engine/policy'
import { evpi } from './evpi'
import type { OptionJudgement } from './judgeOptions'
import type { Fallback } from './money'

/** Minutes of a look or a telephone call where nobody said how long. Shop judgement. */
const LOOK_MIN = 30
const CALL_MIN = 10

/** One fact, what knowing it is worth, and what it costs to know. Money in major units. */
export interface LookFirst {
  optionId: string
  lineId: string
  text: string
  /** whether the line is needed, or what it costs */
  about: 'need' | 'price'
  /** chance that it is not needed: that the part is good */
  chanceGood: number
  minutes: number
  minutesKnown: boolean
  worth: number
  cost: number
  pays: boolean
  /** chance of being good above which going this way pays; null where no chance flips it */
  paysAbove: number | null
  /** what this way leaves when the part is bad and when it is good, and what the best other way leaves */
  atBad: number
  atGood: number
  rival: { name: string; net: number }
}

/**
 * Chance of success above which trying to save a costly part pays.
 * @param tryCost      what trying costs, lost when it fails
 * @param fallbackCost the fall-back by itself
 * @param goodCost     all of it when it works, the trying in it
 * @returns 0 when it always pays, null when it never does
 */
export function savePays({
  tryCost,
  fallbackCost,
  goodCost,
}: {
  tryCost: number
  fallbackCost: number
  goodCost: number
}): number | null {
  const gain = fallbackCost + tryCost - goodCost
  const at = tryCost / gain
  return gain <= 0 || at > 1 ? null : Math.max(0, at)
}

/**
 * Which one fact is worth finding out before anybody decides: for each line that may not be needed, and each price that is only estimated, the
 * expected value of knowing it (an upper bound) against the minutes it takes. The largest gain first.
 */
export function looksFirst(
  entries: readonly EntryOf<'option'>[],
  options: OptionJudgement[],
  fallback: Fallback,
  policy: ShopPolicy,
): LookFirst[] {
  const live = options.filter(o => o.mends && o.ruledOut === null && o.allowed && o.valueAfter !== null)
  const rate = toMajor(policy.labourRateMinor, policy.currency) * (1 + policy.taxPct / 100)
  const meanCost = (line: EstimateLine): number => pertShape(lineTerm(line, policy)).mean
  const found = live.flatMap(option => {
    const lines = entries.find(e => e.id === option.entryId)?.body.lines ?? []
    const others = [
      ...live.filter(o => o.entryId !== option.entryId).map(o => ({ name: o.name, net: o.net })),
      { name: fallback.name, net: fallback.value },
    ]
    const rival = others.reduce((a, b) => (b.net > a.net ? b : a))
    return lines.flatMap((l): LookFirst[] => {
      if (l.type !== 'part' && l.type !== 'outwork') return []
      return [
        ...(l.chance > 0 && l.chance < 1 ? [need(option, l, rival, others)] : []),
        ...(l.high > l.low ? [price(option, l, rival, others)] : []),
      ]
    })
  })
  return found.filter(f => f.worth > 1e-9).sort((a, b) => b.worth - b.cost - (a.worth - a.cost))

  function need(
    option: OptionJudgement,
    line: EstimateLine,
    rival: LookFirst['rival'],
    others: LookFirst['rival'][],
  ): LookFirst {
    const price = meanCost(line)
    const atGood = option.net + line.chance * price
    const atBad = atGood - price
    const minutes = line.lookMin ?? LOOK_MIN
    const cost = (minutes / 60) * rate
    const known = evpi({
      options: [{ name: option.name, net0: atGood, k: 1 }, ...others.map(o => ({ name: o.name, net0: o.net, k: 0 }))],
      dist: {
        type: 'discrete',
        values: [
          [0, 1 - line.chance],
          [price, line.chance],
        ],
      },
      infoCost: cost,
    })
    const cross = (rival.net - atBad) / (atGood - atBad)
    return {
      optionId: option.entryId,
      lineId: line.id,
      text: line.text,
      about: 'need',
      chanceGood: 1 - line.chance,
      minutes,
      minutesKnown: line.lookMin !== null,
      worth: known.evpi,
      cost,
      pays: known.worthLooking,
      paysAbove: cross > 0 && cross < 1 ? cross : null,
      atBad,
      atGood,
      rival,
    }
  }
  function price(
    option: OptionJudgement,
    line: EstimateLine,
    rival: LookFirst['rival'],
    others: LookFirst['rival'][],
  ): LookFirst {
    const { a, m, b } = lineTerm(line, policy)
    const cost = (CALL_MIN / 60) * rate
    const known = evpi({
      options: [
        { name: option.name, net0: option.net + line.chance * meanCost(line), k: line.chance },
        ...others.map(o => ({ name: o.name, net0: o.net, k: 0 })),
      ],
      dist: { type: 'pert', a, m, b },
      infoCost: cost,
    })
    return {
      optionId: option.entryId,
      lineId: line.id,
      text: line.text,
      about: 'price',
      chanceGood: 1 - line.chance,
      minutes: CALL_MIN,
      minutesKnown: false,
      worth: known.evpi,
      cost,
      pays: known.worthLooking,
      paysAbove: null,
      atBad: option.net,
      atGood: option.net,
      rival,
    }
  }
}
