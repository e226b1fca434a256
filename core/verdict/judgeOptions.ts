import { TIE } from '../errors'
import { optionCost, paperSum, lineTerm } from '../estimate/optionCost'
import { toMajor } from '../units/money'
import { pertShape } from '../estimate/pert'
import type { EntryOf } from '../entries/types'
import type { OptionBody } from '../entries/option/schema'
import type { TermsBody } from '../entries/terms/schema'
import type { EngineFacts } from '../engine/facts'
import type { ShopPolicy } from '../engine/policy'
import type { Way } from '../words/deciding'
import { MENDING } from '../words/deciding'
import type { OptionOutcome } from './decide'
import { decide } from './decide'
import type { Fallback, Money } from './money'
import { asItIs, moneyOf, workPolicy } from './money'

/** One way to go, with its cost spread and what it leaves. Money in major units, tax in. */
export interface OptionJudgement extends OptionOutcome {
  entryId: string
  way: Way
  mends: boolean
  ruledOut: string | null
  mean: number
  sd: number
  p10: number
  p50: number
  p90: number
  paper: { low: number; likely: number; high: number }
  /** what is sold, for ways that part out or scrap */
  brings: number
  valueAfter: number | null
  successChance: number
  comeback: number
  hoursOk: number
  hoursFail: number
  /** chance of staying within the owner's cap; null without one */
  pWithinCap: number | null
  /** cost as a share of the running value, %; null when that value is not known */
  sharePct: number | null
  withinShare: boolean
  /** it was ruled out by what was found or measured, not by hand */
  byFinding: boolean
  /** what it costs its owner to stand */
  downtime: number
  /** sale less what it was bought for less the work, on the shop's own machine */
  margin: number | null
}

/** Every option of a job with its figures, and what the machine brings unmended. */
export function judgeOptions(
  entries: readonly EntryOf<'option'>[],
  terms: TermsBody | undefined,
  given: ShopPolicy,
  ruledOut: (option: OptionBody) => string | null = () => null,
  facts: Pick<EngineFacts, 'bore' | 'engineClass'> | null = null,
  spent = 0,
): { options: OptionJudgement[]; fallback: Fallback; money: Money } {
  const policy = workPolicy(terms, given)
  const money = moneyOf(terms, policy, facts, spent)
  const dayLoss = toMajor(terms?.dayLossMinor ?? 0, policy.currency)
  const bought =
    terms?.boughtMinor === null || terms?.boughtMinor === undefined ? null : toMajor(terms.boughtMinor, policy.currency)
  const costed = entries.map(({ id, body }) => {
    const cost = optionCost(body.lines, policy)
    const brings = body.lines
      .filter(l => l.type === 'sale')
      .reduce((sum, line) => {
        const term = lineTerm(line, policy)
        return sum + term.chance * pertShape(term).mean
      }, 0)
    const mends = MENDING.includes(body.way)
    return {
      entryId: id,
      mends,
      brings,
      cost,
      body: { ...body, ruledOut: body.ruledOut ?? ruledOut(body) },
      byFinding: body.ruledOut === null && ruledOut(body) !== null,
      downtime: body.daysDown * dayLoss,
      name: body.name,
      valueAfter: mends
        ? body.valueAfterMinor === null
          ? body.way === 'wait'
            ? money.asIsKnown
              ? money.asIs
              : null
            : money.running
          : toMajor(body.valueAfterMinor, policy.currency)
        : null,
      comeback: toMajor(body.comebackMinor, policy.currency),
    }
  })
  const fallback = costed
    .filter(o => !o.mends && o.body.ruledOut === null)
    .reduce<Fallback>(
      (best, o) =>
        o.brings - o.cost.mean > best.value + TIE
          ? { id: o.entryId, name: o.name, way: o.body.way, value: o.brings - o.cost.mean, known: true }
          : best,
      asItIs(money),
    )
  const options = costed.map((o): OptionJudgement => {
    const figures = {
      mean: o.cost.mean,
      sd: Math.sqrt(o.cost.variance),
      p10: o.cost.quantile(0.1),
      p50: o.cost.quantile(0.5),
      p90: o.cost.quantile(0.9),
    }
    const outcome = o.mends
      ? decideOne(
          o.name,
          figures,
          o.downtime,
          o.valueAfter ?? 0,
          o.body.successChance,
          o.comeback,
          o.body.hoursOk,
          o.body.hoursFail,
          fallback.value,
          money.cap,
        )
      : {
          name: o.name,
          net: o.brings - figures.mean,
          gain: o.brings - figures.mean - fallback.value,
          expHours: 0,
          costPerH: null,
          allowed: true,
        }
    // a new machine's share is taken on what that one is worth
    const worth = o.body.way === 'new_machine' ? o.valueAfter : money.running
    const sharePct = o.mends && worth ? (100 * figures.mean) / worth : null
    return {
      ...outcome,
      ...figures,
      allowed: outcome.allowed && o.body.ruledOut === null,
      entryId: o.entryId,
      way: o.body.way,
      mends: o.mends,
      ruledOut: o.body.ruledOut,
      paper: paperSum(o.body.lines, policy),
      brings: o.brings,
      valueAfter: o.valueAfter,
      successChance: o.body.successChance,
      comeback: o.comeback,
      hoursOk: o.body.hoursOk,
      hoursFail: o.body.hoursFail,
      pWithinCap: money.cap === null ? null : Math.min(1, o.cost.cdf(money.cap)),
      sharePct,
      withinShare: sharePct === null || sharePct <= money.shareLimitPct + TIE,
      byFinding: o.byFinding,
      downtime: o.downtime,
      margin: bought === null ? null : (o.mends ? (o.valueAfter ?? 0) : o.brings) - bought - figures.mean,
    }
  })
  return { options, fallback, money }
}

function decideOne(
  name: string,
  figures: { mean: number; p90: number },
  downtime: number,
  valueAfter: number,
  pSuccess: number,
  comebackCost: number,
  hoursOk: number,
  hoursFail: number,
  salvageValue: number,
  cap: number | null,
): OptionOutcome {
  const {
    options: [outcome],
  } = decide({
    options: [
      {
        name,
        meanCost: figures.mean + downtime,
        p90: figures.p90,
        valueAfter,
        pSuccess,
        comebackCost,
        hoursOk,
        hoursFail,
      },
    ],
    salvageValue,
    cap,
    goal: 'sell',
  })
  if (!outcome) throw new RangeError('decide gave no outcome for its one option')
  return outcome
}
