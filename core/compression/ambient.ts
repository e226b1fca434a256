import { STANDARD_KPA } from '../units/gaugeToAbs'

/**
 * Air pressure at a height in the standard atmosphere. A barometer's own (station) reading is better.
 * @param altitudeM −500..5500 m
 */
export function ambientPressure({ altitudeM }: { altitudeM: number }): { pKpa: number } {
  return { pKpa: STANDARD_KPA * (1 - 2.25577e-5 * altitudeM) ** 5.25588 }
}

export interface CompressionToStandard {
  pGaugeKpa: number
  pAmbKpa: number | null
  altitudeM: number | null
  tempC: number
  mode: 'pressure' | 'density'
}

/**
 * A gauge reading as it would be at sea level. The pressure ratio does not depend on where compression starts.
 * @param mode `density` reproduces printed altitude tables, which correct less; use it only with a maker's table
 */
export function compToStandard({ pGaugeKpa, pAmbKpa, altitudeM, tempC, mode }: CompressionToStandard): {
  factor: number
  pStdKpa: number
} {
  const around = pAmbKpa ?? (altitudeM === null ? STANDARD_KPA : ambientPressure({ altitudeM }).pKpa)
  const factor = (STANDARD_KPA / around) * (mode === 'density' ? (tempC + 273.15) / 288.15 : 1)
  return { factor, pStdKpa: pGaugeKpa * factor }
}
