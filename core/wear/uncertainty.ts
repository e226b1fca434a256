import { InputError, TIE } from '../errors'

export type GuardState = 'accept' | 'doubtful' | 'reject' | 'gauge_unfit'

/**
 * A measurement against its limits, the gauge's own doubt counted (in the manner of ISO 14253-1).
 * @param U expanded uncertainty of the measurement (k = 2), same unit as the value
 * @param g share of U kept clear of the limits; 0 for plain acceptance
 * @throws InputError `missing` without any limit, `inconsistent` unless lower < upper
 */
export function guardBand({
  value,
  lower,
  upper,
  U,
  g,
}: {
  value: number
  lower: number | null
  upper: number | null
  U: number
  g: number
}): { state: GuardState } {
  if (lower === null && upper === null)
    throw new InputError('missing', 'upper', 'Give a lower limit, an upper one, or both.')
  if (lower !== null && upper !== null) {
    if (lower >= upper)
      throw new InputError(
        'inconsistent',
        'lower',
        `The lower limit (${lower}) must lie under the upper one (${upper}).`,
      )
    if (upper - lower <= 2 * g * U + TIE && g * U > 0) return { state: 'gauge_unfit' }
  }
  const [low, high] = [lower ?? -Infinity, upper ?? Infinity]
  if (value <= high - g * U + TIE && value >= low + g * U - TIE) return { state: 'accept' }
  const over = value > high + TIE && value >= high + g * U - TIE
  const under = value < low - TIE && value <= low - g * U + TIE
  return { state: over || under ? 'reject' : 'doubtful' }
}

export interface UncertaintyInput {
  resolutionMm: number
  repeatsMm: number[] | null
  calUMm: number
  sizeMm: number | null
  alphaPerC: number | null
  tempUC: number
  k: number
}

/**
 * Uncertainty of a measurement from the gauge's resolution, repeats, calibration and temperature: root sum of squares.
 * @param calUMm expanded uncertainty of the calibration (k = 2)
 * @throws InputError `missing` when a doubtful temperature has no size or expansion to act on
 */
export function uncertainty({ resolutionMm, repeatsMm, calUMm, sizeMm, alphaPerC, tempUC, k }: UncertaintyInput): {
  uCMm: number
  UMm: number
} {
  const n = repeatsMm?.length ?? 0
  const mean = (repeatsMm ?? []).reduce((a, b) => a + b, 0) / (n || 1)
  const spread = n < 2 ? 0 : Math.sqrt((repeatsMm ?? []).reduce((sum, r) => sum + (r - mean) ** 2, 0) / (n - 1) / n)
  if (tempUC > 0 && (sizeMm === null || alphaPerC === null))
    throw new InputError(
      'missing',
      sizeMm === null ? 'size_mm' : 'alpha_per_c',
      'A doubtful temperature needs the size and its expansion.',
    )
  const thermal = (sizeMm ?? 0) * (alphaPerC ?? 0) * tempUC
  const uCMm = Math.hypot(resolutionMm / Math.sqrt(12), calUMm / 2, spread, thermal)
  return { uCMm, UMm: k * uCMm }
}

/** Chance that the true value lies within the upper limit; u is the standard uncertainty. */
export function conformProbability({ value, upper, u }: { value: number; upper: number; u: number }): { p: number } {
  return { p: normalCdf((upper - value) / u) }
}

/** Φ(z): the series near the middle, the continued fraction in the tails; about 14 digits. */
export function normalCdf(z: number): number {
  if (z < 0) return 1 - normalCdf(-z)
  if (z > 38) return 1
  const density = Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)
  if (z < 3) {
    let term = z
    let sum = z
    for (let k = 1; term > sum * 1e-17; k++) sum += term *= (z * z) / (2 * k + 1)
    return 0.5 + density * sum
  }
  let tail = 0
  for (let k = 100; k >= 1; k--) tail = k / (z + tail)
  return 1 - density / (z + tail)
}
