import { InputError, TIE } from '../errors'

export type OilState =
  'dangerously_low' | 'very_low' | 'low' | 'ok_low' | 'ok' | 'slightly_over' | 'over' | 'dangerously_over'

/** How far outside the marks, as a share of the whole fill, each word reaches. Rule of thumb, shop judgement. */
export const OIL_BANDS = { low: 10, veryLow: 25, slightlyOver: 5, over: 15, lowThirdPct: 25 } as const

/**
 * How bad a level is. Position runs from 0 % at the low mark to 100 % at the full mark.
 * @param capacityMl the maker's whole fill, mL
 * @returns offBandPct past the mark, in % of the distance between the marks; offCapacityPct in % of the whole fill
 * @throws  InputError `inconsistent` unless low mark < full mark ≤ 1.5 × capacity
 */
export function oilSeverity({
  volumeMl,
  minMl,
  maxMl,
  capacityMl,
}: {
  volumeMl: number
  minMl: number
  maxMl: number
  capacityMl: number
}): { positionPct: number; offBandPct: number; offCapacityPct: number; state: OilState } {
  if (!(minMl < maxMl))
    throw new InputError(
      'inconsistent',
      'min_ml',
      `The low mark (${minMl} mL) must hold less than the full mark (${maxMl} mL).`,
    )
  if (maxMl > 1.5 * capacityMl + TIE)
    throw new InputError(
      'inconsistent',
      'max_ml',
      `The full mark (${maxMl} mL) can't be more than one and a half times the whole fill (${capacityMl} mL).`,
    )
  const positionPct = (100 * (volumeMl - minMl)) / (maxMl - minMl)
  if (volumeMl < minMl - TIE) {
    const offCapacityPct = (100 * (minMl - volumeMl)) / capacityMl
    const state =
      offCapacityPct <= OIL_BANDS.low + TIE
        ? 'low'
        : offCapacityPct <= OIL_BANDS.veryLow + TIE
          ? 'very_low'
          : 'dangerously_low'
    return { positionPct, offBandPct: -positionPct, offCapacityPct, state }
  }
  if (volumeMl > maxMl + TIE) {
    const offCapacityPct = (100 * (volumeMl - maxMl)) / capacityMl
    const state =
      offCapacityPct <= OIL_BANDS.slightlyOver + TIE
        ? 'slightly_over'
        : offCapacityPct <= OIL_BANDS.over + TIE
          ? 'over'
          : 'dangerously_over'
    return { positionPct, offBandPct: positionPct - 100, offCapacityPct, state }
  }
  return {
    positionPct,
    offBandPct: 0,
    offCapacityPct: 0,
    state: positionPct < OIL_BANDS.lowThirdPct - TIE ? 'ok_low' : 'ok',
  }
}
