import { debrisGrowth } from '../debris/debrisGrowth'
import { debrisScore } from '../debris/debrisScore'
import { DEBRIS_AMOUNTS, DEBRIS_MATERIALS } from '../debris/debrisTables'
import { InputError } from '../errors'
import { costDistribution } from '../estimate/costDistribution'
import { pert } from '../estimate/pert'
import { salvage } from '../estimate/salvage'
import { crossover } from '../verdict/crossover'
import { decide } from '../verdict/decide'
import { evpi } from '../verdict/evpi'
import { calculator } from './calculator'
import type { Field, Issue } from './fieldTypes'
import type { Fields } from './objectField'
import { choice, list, num, row, text } from './fields'
import { absent, missing } from './fieldTypes'
import { object, opt } from './objectField'
import { aboveZero, chance, engineHours, fromZero, hours, hoursAboveZero, money, percent, signed } from './ranges'

/** Either one exact figure, or low, likely and high. */
function exactOrSpread(exact: string, amount: () => Field, extra: Fields): Field {
  return object(
    { ...extra, [exact]: opt(amount()), a: opt(amount()), m: opt(amount()), b: opt(amount()) },
    (given, prefix): Issue[] => {
      const spread = ['a', 'm', 'b'].filter(name => !absent(given[name]))
      if (!absent(given[exact]))
        return spread.length
          ? [
              {
                step: 3,
                code: 'inconsistent',
                field: prefix + exact,
                message: `${prefix}${exact} is given beside low, likely and high: give one or the other.`,
              },
            ]
          : []
      if (spread.length === 0)
        return [missing(prefix + exact, `give one exact figure, or low (a), likely (m) and high (b).`)]
      return ['a', 'm', 'b']
        .filter(name => absent(given[name]))
        .map(name => missing(prefix + name, 'low (a), likely (m) and high (b) go together.'))
    },
  )
}

const debrisItem = () =>
  object(
    {
      material: choice(DEBRIS_MATERIALS),
      amount: choice(DEBRIS_AMOUNTS),
      largest_um: opt(num({ min: 1, max: 50000 })),
    },
    (given, prefix) =>
      given.material !== 'emulsion' && absent(given.largest_um)
        ? [missing(`${prefix}largest_um`, 'estimate the largest piece in µm; 1 mm is 1000.')]
        : [],
  )

export const DEBRIS_CALCULATORS = [
  calculator(
    'debris_score',
    'How grave the debris in the oil is',
    {
      items: list(debrisItem()),
      hours_since_oil: hours(),
      interval_h: opt(hoursAboveZero(), 50),
      hours_since_rebuild: opt(engineHours()),
      break_in_h: opt(aboveZero(), 10),
    },
    debrisScore,
  ),
  calculator(
    'debris_growth',
    'Whether dirt comes faster than it did',
    { amounts_mm2: list(fromZero(), 2), hours: list(hoursAboveZero(), 2), floor_mm2_per_h: opt(fromZero(), 0.5) },
    debrisGrowth,
  ),
]

const priceLine = () => exactOrSpread('price', money, { p: opt(chance(), 1) })
const netLine = () => object({ name: text(), net0: signed(), k: signed() })

interface RawDist {
  type: 'discrete' | 'pert'
  values: [number, number][] | null
  a: number | null
  m: number | null
  b: number | null
}
const distField = () =>
  object(
    {
      type: choice(['discrete', 'pert']),
      values: opt(list(row([money(), chance()]), 1)),
      a: opt(money()),
      m: opt(money()),
      b: opt(money()),
    },
    (given, prefix) => {
      const wanted = given.type === 'discrete' ? ['values'] : given.type === 'pert' ? ['a', 'm', 'b'] : []
      return wanted
        .filter(name => absent(given[name]))
        .map(name => missing(prefix + name, `a ${String(given.type)} figure needs ${wanted.join(', ')}.`))
    },
  )

export const DECISION_CALCULATORS = [
  calculator(
    'pert',
    'Low, likely and high as a spread',
    { a: money(), m: money(), b: money(), lam: opt(percent(), 4) },
    pert,
  ),
  calculator(
    'cost_distribution',
    'What a job will cost, with its spread',
    {
      labour: opt(list(object({ a: hours(), m: hours(), b: hours() })), []),
      rate_per_h: money(),
      risks: opt(list(exactOrSpread('hours', hours, { p: chance() })), []),
      parts: opt(list(priceLine()), []),
      sublet: opt(list(priceLine()), []),
      fixed: opt(money(), 0),
      tax_pct: opt(percent(), 0),
      labour_corr: opt(choice(['none', 'full']), 'none'),
      cap: opt(money()),
    },
    costDistribution,
  ),
  calculator(
    'salvage',
    'What the machine brings unmended',
    {
      as_is: money(),
      parts_out: opt(list(object({ price: money(), p: chance() })), []),
      strip_hours: opt(hours(), 0),
      rate_per_h: opt(money(), 0),
      selling_fee_pct: opt(percent(), 0),
      mass_kg: opt(fromZero(), 0),
      scrap_per_kg: opt(money(), 0),
      haul: opt(money(), 0),
    },
    salvage,
  ),
  calculator(
    'decide',
    'Options compared',
    {
      options: list(
        object({
          name: text(),
          mean_cost: money(),
          p90: opt(money()),
          value_after: money(),
          p_success: chance(),
          comeback_cost: opt(money(), 0),
          hours_ok: opt(hours(), 0),
          hours_fail: opt(hours(), 0),
        }),
        1,
      ),
      salvage_value: money(),
      cap: opt(money()),
      goal: opt(choice(['sell', 'keep']), 'sell'),
    },
    decide,
    (given, prefix) =>
      absent(given.cap) || !Array.isArray(given.options)
        ? []
        : given.options.flatMap((o: unknown, i) =>
            typeof o === 'object' && o !== null && absent((o as { p90?: unknown }).p90)
              ? [missing(`${prefix}options[${i}].p90`, 'the owner set a cap, and it is compared with the P90.')]
              : [],
          ),
  ),
  calculator(
    'crossover',
    'Where the best option changes',
    { options: list(netLine(), 2), lo: opt(money(), 0), hi: money() },
    crossover,
  ),
  calculator(
    'evpi',
    'What it is worth to know a price first',
    { options: list(netLine(), 1), dist: distField(), info_cost: opt(money(), 0) },
    ({
      options,
      dist,
      infoCost,
    }: {
      options: { name: string; net0: number; k: number }[]
      dist: RawDist
      infoCost: number
    }) => evpi({ options, dist: uncertain(dist), infoCost }),
  ),
]

function uncertain({ type, values, a, m, b }: RawDist): Parameters<typeof evpi>[0]['dist'] {
  if (type === 'discrete' && values) return { type, values }
  if (type === 'pert' && a !== null && m !== null && b !== null) return { type, a, m, b }
  throw new InputError('missing', 'dist', 'The spread of the figure is missing.')
}
