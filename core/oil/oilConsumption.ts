import { TIE } from '../errors'

/**
 * Oil used between two readings, and the rates that hours, distance and fuel allow.
 * @param uReadingMl standard uncertainty of one reading, mL; a difference within 2√2 of it is called reading error
 * @returns rates are null where their divisor was not given
 */
export function oilConsumption({
  v0Ml,
  v1Ml,
  addedMl,
  drainedMl,
  hours,
  km,
  fuelMl,
  uReadingMl,
}: {
  v0Ml: number
  v1Ml: number
  addedMl: number
  drainedMl: number
  hours: number | null
  km: number | null
  fuelMl: number | null
  uReadingMl: number
}) {
  const usedMl = v0Ml + addedMl - drainedMl - v1Ml
  const doubt = 2 * Math.SQRT2 * uReadingMl
  const state = Math.abs(usedMl) <= doubt + TIE ? 'within_reading_error' : usedMl > 0 ? 'used' : 'level_rose'
  return {
    usedMl,
    mlPerH: hours === null ? null : usedMl / hours,
    mlPer1000Km: km === null ? null : (usedMl / km) * 1000,
    pctOfFuel: fuelMl === null ? null : (100 * usedMl) / fuelMl,
    state,
  }
}
