import { InputError } from '../errors'
import type { Spread } from './pert'
import type { CostTerm, SumDistribution } from './sumDistribution'
import { sumDistribution } from './sumDistribution'

type MaybeSpread = { a: number | null; m: number | null; b: number | null }
export interface RiskLine extends MaybeSpread {
  p: number
  hours: number | null
}
export interface PriceLine extends MaybeSpread {
  p: number
  price: number | null
}

export interface CostInput {
  labour: Spread[]
  ratePerH: number
  risks: RiskLine[]
  parts: PriceLine[]
  sublet: PriceLine[]
  fixed: number
  taxPct: number
  labourCorr: 'none' | 'full'
  cap: number | null
}

/**
 * What a job will cost: labour, things that may go wrong, parts, outwork, fixed charges and tax.
 * @param labour     hours low, likely, high
 * @param risks      extra hours with the chance that they are needed
 * @param labourCorr `full`: every labour line runs low or high together; offer it for old machines
 * @returns mean and sd in closed form, p10/p50/p90 as amounts, pWithinCap only where a cap is given; all in the money of the prices
 * @throws  InputError `inconsistent` where low ≤ likely ≤ high does not hold
 */
export function costDistribution(input: CostInput): {
  mean: number
  sd: number
  p10: number
  p50: number
  p90: number
  pWithinCap?: number
} {
  const sum = costSum(input)
  return {
    mean: sum.mean,
    sd: Math.sqrt(sum.variance),
    p10: sum.quantile(0.1),
    p50: sum.quantile(0.5),
    p90: sum.quantile(0.9),
    ...(input.cap !== null && { pWithinCap: Math.min(1, sum.cdf(input.cap)) }),
  }
}

/** The distribution behind costDistribution. */
export function costSum({
  labour,
  ratePerH,
  risks,
  parts,
  sublet,
  fixed,
  taxPct,
  labourCorr,
}: CostInput): SumDistribution {
  const tax = 1 + taxPct / 100
  const spread = (line: MaybeSpread, exact: number | null, field: string): Spread => {
    if (exact !== null) return { a: exact, m: exact, b: exact }
    if (line.a === null || line.m === null || line.b === null)
      throw new InputError(
        'missing',
        field,
        `${field} needs either one exact figure, or low (a), likely (m) and high (b).`,
      )
    return { a: line.a, m: line.m, b: line.b }
  }
  const term = (s: Spread, chance: number, scale: number, field: string): CostTerm => {
    if (!(s.a <= s.m && s.m <= s.b))
      throw new InputError(
        'inconsistent',
        field,
        `${field}: the likely figure (${s.m}) must lie between the low (${s.a}) and the high (${s.b}).`,
      )
    return { chance, a: s.a * scale, m: s.m * scale, b: s.b * scale }
  }
  const hours = labour.map((line, i) => term(line, 1, ratePerH * tax, `labour[${i}]`))
  const others = [
    ...risks.map((r, i) => term(spread(r, r.hours, `risks[${i}]`), r.p, ratePerH * tax, `risks[${i}]`)),
    ...parts.map((r, i) => term(spread(r, r.price, `parts[${i}]`), r.p, tax, `parts[${i}]`)),
    ...sublet.map((r, i) => term(spread(r, r.price, `sublet[${i}]`), r.p, tax, `sublet[${i}]`)),
    { chance: 1, a: fixed * tax, m: fixed * tax, b: fixed * tax },
  ]
  return labourCorr === 'full' ? sumDistribution(others, { together: hours }) : sumDistribution([...hours, ...others])
}
