import { logGamma } from '../estimate/betaIncomplete'

/**
 * e^x·Γ(a, x), the upper incomplete gamma function scaled so that it neither overflows nor vanishes.
 * Series below a + 1, continued fraction (Lentz) above. a > 0, x ≥ 0.
 */
export function scaledUpperGamma(a: number, x: number): number {
  if (x <= 0) return Math.exp(logGamma(a))
  if (x < a + 1) {
    let term = 1 / a
    let sum = term
    for (let n = 1; n < 1000 && Math.abs(term) > 1e-17 * Math.abs(sum); n++) {
      term *= x / (a + n)
      sum += term
    }
    return Math.exp(x + logGamma(a)) - sum * Math.exp(a * Math.log(x))
  }
  const tiny = 1e-300
  let b = x + 1 - a
  let c = 1 / tiny
  let d = 1 / b
  let h = d
  for (let i = 1; i < 1000; i++) {
    const an = -i * (i - a)
    b += 2
    d = 1 / (Math.abs(an * d + b) < tiny ? tiny : an * d + b)
    c = Math.abs(b + an / c) < tiny ? tiny : b + an / c
    const step = d * c
    h *= step
    if (Math.abs(step - 1) < 1e-15) break
  }
  return Math.exp(a * Math.log(x)) * h
}
