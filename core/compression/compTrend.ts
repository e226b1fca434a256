import { InputError, TIE } from '../errors'

/**
 * Straight line through compression over hours, and the hours left until the limit. Same gauge, same state, sea-level figures only.
 * @returns hoursToLimit 0 when already there, null when it does not fall; slopeSignificant null under 6 readings
 * @throws  InputError `inconsistent` for lists of unlike length, or all readings at the same hours
 */
export function compTrend({ hours, pStdKpa, limitKpa }: { hours: number[]; pStdKpa: number[]; limitKpa: number }) {
  if (hours.length !== pStdKpa.length)
    throw new InputError(
      'inconsistent',
      'hours',
      `There are ${hours.length} hours for ${pStdKpa.length} readings: give one for each.`,
    )
  const n = hours.length
  const mean = (values: number[]): number => values.reduce((a, b) => a + b, 0) / values.length
  const meanH = mean(hours)
  const meanP = mean(pStdKpa)
  const sxx = hours.reduce((sum, h) => sum + (h - meanH) ** 2, 0)
  if (sxx <= TIE)
    throw new InputError(
      'inconsistent',
      'hours',
      'All readings were taken at the same hours: a trend needs some running between them.',
    )
  const slope = hours.reduce((sum, h, i) => sum + (h - meanH) * ((pStdKpa[i] ?? 0) - meanP), 0) / sxx
  const at = (h: number): number => meanP + slope * (h - meanH)
  const fitNowKpa = at(Math.max(...hours))
  const hoursToLimit = fitNowKpa <= limitKpa + TIE ? 0 : slope >= 0 ? null : (fitNowKpa - limitKpa) / -slope
  const sse = hours.reduce((sum, h, i) => sum + ((pStdKpa[i] ?? 0) - at(h)) ** 2, 0)
  const slopeSignificant = n < 6 ? null : Math.abs(slope) > 2 * Math.sqrt(sse / (n - 2) / sxx)
  return { slopeKpaPer100h: 100 * slope, fitNowKpa, hoursToLimit, slopeSignificant }
}
