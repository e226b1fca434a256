import { InputError, TIE } from '../errors'

/** Standard atmosphere at sea level, kPa. */
export const STANDARD_KPA = 101.325

/**
 * Absolute pressure from a gauge reading.
 * @param pAmbKpa air pressure around the gauge, 50..110 kPa
 * @throws InputError `out_of_range` when the sum would be below a perfect vacuum
 */
export function gaugeToAbs({ pGaugeKpa, pAmbKpa }: { pGaugeKpa: number; pAmbKpa: number }): { pAbsKpa: number } {
  const pAbsKpa = pGaugeKpa + pAmbKpa
  if (pAbsKpa < -TIE)
    throw new InputError(
      'out_of_range',
      'p_gauge_kpa',
      `${pGaugeKpa} kPa is below a perfect vacuum at ${pAmbKpa} kPa around.`,
    )
  return { pAbsKpa }
}
