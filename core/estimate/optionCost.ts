import type { EstimateLine } from '../job/entries'
import type { ShopPolicy } from '../job/jobFile'
import { HOUR_LINES } from '../job/vocabulary'
import { toMajor } from './money'
import type { CostTerm, SumDistribution } from './sumDistribution'
import { sumDistribution } from './sumDistribution'

/** Money that one unit of a line's figure costs, tax in: an hour, or a smallest coin. */
export function lineScale(line: EstimateLine, policy: ShopPolicy): number {
  const unit = HOUR_LINES.includes(line.type) ? toMajor(policy.labourRateMinor, policy.currency) : toMajor(1, policy.currency)
  return unit * (line.type === 'sale' ? 1 : 1 + policy.taxPct / 100)
}

/** One line as an uncertain amount of money, major units, tax in. */
export function lineTerm(line: EstimateLine, policy: ShopPolicy): CostTerm {
  const scale = lineScale(line, policy)
  return { chance: line.chance, a: line.low * scale, m: line.likely * scale, b: line.high * scale }
}

/** What the lines cost together; lines that sell are left out. */
export function optionCost(lines: EstimateLine[], policy: ShopPolicy, cells = 2048): SumDistribution {
  const costs = lines.filter(l => l.type !== 'sale')
  if (!policy.labourTogether) return sumDistribution(costs.map(l => lineTerm(l, policy)), { cells })
  return sumDistribution(costs.filter(l => l.type !== 'labour').map(l => lineTerm(l, policy)), { cells, together: costs.filter(l => l.type === 'labour').map(l => lineTerm(l, policy)) })
}

/** Low, likely and high added up as on paper: low counts only what is sure, high counts everything. */
export function paperSum(lines: EstimateLine[], policy: ShopPolicy): { low: number, likely: number, high: number } {
  return lines.filter(l => l.type !== 'sale').reduce((sum, line) => {
    const { chance, a, m, b } = lineTerm(line, policy)
    return { low: sum.low + (chance >= 1 ? a : 0), likely: sum.likely + m * chance, high: sum.high + (chance > 0 ? b : 0) }
  }, { low: 0, likely: 0, high: 0 })
}
