// Written here because the well-kept packages for it compile native code on install, which a shop's machine can't be asked to do.

const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
]

/** Natural log of the gamma function, x > 0. Lanczos, g = 7, about 15 digits. */
export function logGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x)
  const z = x - 1
  const t = z + 7.5
  const series = LANCZOS.reduce((sum, c, i) => (i === 0 ? c : sum + c / (z + i)), 0)
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(series)
}

/**
 * Regularised incomplete beta function I_x(a, b), the chance that a beta variable is at most x.
 * Continued fraction by Lentz's method.
 * @param x 0..1
 * @param a > 0
 * @param b > 0
 */
export function betaIncomplete(
  x: number,
  a: number,
  b: number,
  logFront = logGamma(a + b) - logGamma(a) - logGamma(b),
): number {
  if (x <= 0) return 0
  if (x >= 1) return 1
  const front = Math.exp(logFront + a * Math.log(x) + b * Math.log1p(-x))
  return x < (a + 1) / (a + b + 2) ? (front * fraction(x, a, b)) / a : 1 - (front * fraction(1 - x, b, a)) / b
}

const TINY = 1e-300

function fraction(x: number, a: number, b: number): number {
  let c = 1
  let d = 1 / guard(1 - ((a + b) * x) / (a + 1))
  let h = d
  for (let m = 1; m <= 500; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m))
    d = 1 / guard(1 + even * d)
    c = guard(1 + even / c)
    h *= d * c
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1))
    d = 1 / guard(1 + odd * d)
    c = guard(1 + odd / c)
    const step = d * c
    h *= step
    if (Math.abs(step - 1) < 1e-15) break
  }
  return h
}

const guard = (x: number): number => (Math.abs(x) < TINY ? TINY : x)
