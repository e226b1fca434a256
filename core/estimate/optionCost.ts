import type { EstimateLine } from './estimateLine'
import type { ShopPolicy } from '../engine/policy'
import { HOUR_LINES } from '../words/deciding'
import { toMajor } from '../units/money'
import type { CostTerm, SumDistribution } from './sumDistribution'
import { sumFamily } from './sumDistribution'

/** Money that one unit of a line's figure costs, tax in: an hour, or a smallest coin. */
export function lineScale(line: EstimateLine, policy: ShopPolicy): number {
  const unit = HOUR_LINES.includes(line.type)
    ? toMajor(policy.labourRateMinor, policy.currency)
    : toMajor(1, policy.currency)
  return unit * (line.type === 'sale' ? 1 : 1 + policy.taxPct / 100)
}

/** One line as an uncertain amount of money, major units, tax in. */
export function lineTerm(line: EstimateLine, policy: ShopPolicy): CostTerm {
  const scale = lineScale(line, policy)
  return { chance: line.chance, a: line.low * scale, m: line.likely * scale, b: line.high * scale }
}

/** What the lines cost together; lines that sell are left out. */
export const optionCost = (lines: EstimateLine[], policy: ShopPolicy, cells = 2048): SumDistribution =>
  optionCosts(lines, policy, cells).whole

/** The cost of a way, and what it would be without one of its lines or with one of them needed for sure; by the line's id. */
export interface WayCosts {
  whole: SumDistribution
  without(id: string): SumDistribution
  needed(id: string): SumDistribution
}

/** Ways whose cost was worked out lately, by their lines and the shop's rates: a keystroke changes one of them. */
const LATELY = new Map<string, { costs: WayCosts; lines: number }>()
/** Lines kept in all; a line holds some ten thousand figures. */
const LINES_KEPT = 400

/** As `WayCosts` says; worked out once for the same lines at the same rates. */
export function optionCosts(lines: EstimateLine[], policy: ShopPolicy, cells = 2048): WayCosts {
  const { labourRateMinor, taxPct, currency, labourTogether } = policy
  const figures = lines.map(l => [l.id, l.type, l.chance, l.low, l.likely, l.high])
  const key = JSON.stringify([cells, labourRateMinor, taxPct, currency, labourTogether, figures])
  const before = LATELY.get(key)
  if (before) {
    LATELY.delete(key)
    LATELY.set(key, before)
    return before.costs
  }
  const costs = workedOut(lines, policy, cells)
  LATELY.set(key, { costs, lines: lines.length })
  let kept = [...LATELY.values()].reduce((sum, w) => sum + w.lines, 0)
  for (const [oldest, way] of LATELY) {
    if (kept <= LINES_KEPT || oldest === key) break
    LATELY.delete(oldest)
    kept -= way.lines
  }
  return costs
}

function workedOut(lines: EstimateLine[], policy: ShopPolicy, cells: number): WayCosts {
  const costs = lines.filter(l => l.type !== 'sale')
  const bundled = (l: EstimateLine): boolean => policy.labourTogether && l.type === 'labour'
  const [alone, together] = [costs.filter(l => !bundled(l)), costs.filter(bundled)]
  const family = sumFamily(
    alone.map(l => lineTerm(l, policy)),
    { cells, together: together.map(l => lineTerm(l, policy)) },
  )
  const at = (all: EstimateLine[], id: string): number => all.findIndex(l => l.id === id)
  const once = (make: (id: string) => SumDistribution): ((id: string) => SumDistribution) => {
    const made = new Map<string, SumDistribution>()
    return id => {
      const known = made.get(id) ?? make(id)
      made.set(id, known)
      return known
    }
  }
  return {
    whole: family.whole,
    without: once(id =>
      at(alone, id) >= 0 ? family.without(at(alone, id)) : family.withoutTogether(at(together, id)),
    ),
    // what runs low or high together is always needed
    needed: once(id => (at(alone, id) >= 0 ? family.needed(at(alone, id)) : family.whole)),
  }
}

/** Low, likely and high added up as on paper: low counts only what is sure, high counts everything. */
export function paperSum(lines: EstimateLine[], policy: ShopPolicy): { low: number; likely: number; high: number } {
  return lines
    .filter(l => l.type !== 'sale')
    .reduce(
      (sum, line) => {
        const { chance, a, m, b } = lineTerm(line, policy)
        return {
          low: sum.low + (chance >= 1 ? a : 0),
          likely: sum.likely + m * chance,
          high: sum.high + (chance > 0 ? b : 0),
        }
      },
      { low: 0, likely: 0, high: 0 },
    )
}
