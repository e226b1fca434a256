import { InputError, TIE } from '../errors'
import { betaIncomplete, logGamma } from './betaIncomplete'

/** Low, likely and high of one uncertain amount. */
export interface Spread {
  a: number
  m: number
  b: number
}

export interface PertShape {
  mean: number
  variance: number
  alpha: number | null
  beta: number | null
  /** chance of at most x */
  cdf(x: number): number
  /** mean of the amounts up to x, not divided by their chance */
  partialMean(x: number): number
  quantile(q: number): number
}

/**
 * The PERT-beta distribution between a and b with its peak at m.
 * @param lam weight of the likely figure, 4 by custom
 * @throws InputError `inconsistent` unless low ≤ likely ≤ high
 */
export function pertShape({ a, m, b }: Spread, lam = 4, field = 'm'): PertShape {
  if (!(a <= m && m <= b))
    throw new InputError(
      'inconsistent',
      field,
      `The likely figure (${m}) must lie between the low (${a}) and the high (${b}).`,
    )
  const mean = (a + lam * m + b) / (lam + 2)
  const width = b - a
  if (width <= 0) {
    return {
      mean: a,
      variance: 0,
      alpha: null,
      beta: null,
      cdf: x => (x >= a - TIE ? 1 : 0),
      partialMean: x => (x >= a - TIE ? a : 0),
      quantile: () => a,
    }
  }
  const alpha = 1 + (lam * (m - a)) / width
  const beta = 1 + (lam * (b - m)) / width
  const front = logGamma(alpha + beta) - logGamma(alpha) - logGamma(beta)
  const frontUp = logGamma(alpha + 1 + beta) - logGamma(alpha + 1) - logGamma(beta)
  const share = (x: number): number => Math.min(1, Math.max(0, (x - a) / width))
  const cdf = (x: number): number => betaIncomplete(share(x), alpha, beta, front)
  return {
    mean,
    variance: ((mean - a) * (b - mean)) / (lam + 3),
    alpha,
    beta,
    cdf,
    partialMean: x => a * cdf(x) + (mean - a) * betaIncomplete(share(x), alpha + 1, beta, frontUp),
    quantile: q => quantileOf(q, a, b, cdf),
  }
}

function quantileOf(q: number, a: number, b: number, cdf: (x: number) => number): number {
  if (q <= 0) return a
  if (q >= 1) return b
  let low = a
  let high = b
  for (let i = 0; i < 100 && high - low > 1e-14 * Math.max(1, Math.abs(b)); i++) {
    const middle = (low + high) / 2
    if (cdf(middle) < q) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** The figures of a PERT-beta estimate; varClassic is the textbook ((b − a)/6)². */
export function pert({ a, m, b, lam }: Spread & { lam: number }) {
  const shape = pertShape({ a, m, b }, lam)
  return {
    mean: shape.mean,
    var: shape.variance,
    alpha: shape.alpha,
    beta: shape.beta,
    p10: shape.quantile(0.1),
    p50: shape.quantile(0.5),
    p90: shape.quantile(0.9),
    varClassic: (b - a) ** 2 / 36,
  }
}
