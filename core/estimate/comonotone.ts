import type { CostTerm } from './lineMass'
import type { PertShape } from './pert'
import { pertShape } from './pert'

/** Lines that run low or high together, as points of one distribution; `without` takes one of them out again. */
export interface Bundle {
  low: number
  width: number
  mean: number
  variance: number
  values: { value: number; weight: number }[]
  without(k: number): Bundle | null
}

/** Points of the common quantile u; each line's own quantile there, added up. */
const BUNDLE_POINTS = 1500
/** Midpoints in t, with u = (1 − cos πt)/2 crowding the ends where quantiles bend, and the weight of each. */
const POINTS = Array.from({ length: BUNDLE_POINTS }, (_, i) => ({
  u: (1 - Math.cos((Math.PI * (i + 0.5)) / BUNDLE_POINTS)) / 2,
  weight: (Math.cos((Math.PI * i) / BUNDLE_POINTS) - Math.cos((Math.PI * (i + 1)) / BUNDLE_POINTS)) / 2,
}))

interface Walked {
  low: number
  width: number
  mean: number
  at: Float64Array
}

/** Lines that are low or high together: the sum of their own quantiles at each common one. */
export function comonotone(terms: CostTerm[]): Bundle | null {
  return bundleOf(
    terms.map((t): Walked => {
      const shape = pertShape(t)
      const walk = quantileWalker(shape, t.a, t.b)
      return { low: t.a, width: t.b - t.a, mean: shape.mean, at: Float64Array.from(POINTS, p => walk(p.u)) }
    }),
  )
}

function bundleOf(lines: Walked[]): Bundle | null {
  if (!lines.length) return null
  const sumOf = (pick: (l: Walked) => number): number => lines.reduce((sum, l) => sum + pick(l), 0)
  const [low, width, mean] = [sumOf(l => l.low), sumOf(l => l.width), sumOf(l => l.mean)]
  const total = new Float64Array(BUNDLE_POINTS)
  for (const { at } of lines)
    for (let i = 0; i < BUNDLE_POINTS; i++) total[i] = (total[i] as number) + (at[i] as number)
  const values = POINTS.map(({ weight }, i) => ({ value: total[i] as number, weight }))
  const variance = values.reduce((sum, v) => sum + v.weight * (v.value - mean) ** 2, 0)
  return { low, width, mean, variance, values, without: k => bundleOf(lines.filter((_, i) => i !== k)) }
}

/** Quantiles for rising u, read off a table of the distribution. */
function quantileWalker(shape: PertShape, a: number, b: number): (u: number) => number {
  if (b <= a) return () => a
  const nodes = 2048
  const xs = Array.from({ length: nodes + 1 }, (_, i) => a + ((b - a) * (1 - Math.cos((Math.PI * i) / nodes))) / 2)
  const table = xs.map(shape.cdf)
  let at = 1
  return u => {
    while (at < nodes && (table[at] ?? 1) < u) at++
    const [f0, f1, x0, x1] = [table[at - 1] ?? 0, table[at] ?? 1, xs[at - 1] ?? a, xs[at] ?? b]
    return f1 > f0 ? x0 + ((x1 - x0) * (u - f0)) / (f1 - f0) : x1
  }
}
