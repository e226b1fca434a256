import { InputError, TIE } from '../errors'

/**
 * Corrects a reading for the dead volume of hose and adapter before the check valve.
 * @param sweptEffMl  effective (trapped) swept volume, mL
 * @param hoseMl      volume before the check valve, mL, less the thread volume of the plug it replaces
 */
export function hoseCorrect({
  pGaugeKpa,
  sweptEffMl,
  clearanceMl,
  hoseMl,
  pAmbKpa,
  n,
}: {
  pGaugeKpa: number
  sweptEffMl: number
  clearanceMl: number
  hoseMl: number
  pAmbKpa: number
  n: number
}): { factorAbs: number; pGaugeCorrKpa: number } {
  const factorAbs = ((1 + sweptEffMl / clearanceMl) / (1 + sweptEffMl / (clearanceMl + hoseMl))) ** n
  return { factorAbs, pGaugeCorrKpa: (pGaugeKpa + pAmbKpa) * factorAbs - pAmbKpa }
}

/**
 * Pulls needed until the gauge, whose volume lies after the check valve, shows a share of the true peak.
 * @param frac share of the absolute peak, between 0 and 1, both excluded
 * @throws InputError `inconsistent` when the peak is not above the air around
 */
export function gaugeStrokes({
  clearanceMl,
  downstreamMl,
  pPeakAbsKpa,
  pAmbKpa,
  frac,
}: {
  clearanceMl: number
  downstreamMl: number
  pPeakAbsKpa: number
  pAmbKpa: number
  frac: number
}): { strokes: number } {
  if (pPeakAbsKpa <= pAmbKpa)
    throw new InputError(
      'inconsistent',
      'p_peak_abs_kpa',
      `The peak (${pPeakAbsKpa} kPa absolute) must be above the air around (${pAmbKpa} kPa).`,
    )
  const wanted = frac * pPeakAbsKpa
  if (pAmbKpa >= wanted - TIE) return { strokes: 0 }
  if (downstreamMl === 0) return { strokes: 1 }
  const keep = downstreamMl / (clearanceMl + downstreamMl)
  const reached = (k: number): boolean => pPeakAbsKpa - (pPeakAbsKpa - pAmbKpa) * keep ** k >= wanted - TIE
  let strokes = Math.max(1, Math.floor(Math.log((pPeakAbsKpa - wanted) / (pPeakAbsKpa - pAmbKpa)) / Math.log(keep)))
  while (strokes > 1 && reached(strokes - 1)) strokes--
  while (!reached(strokes)) strokes++
  return { strokes }
}
