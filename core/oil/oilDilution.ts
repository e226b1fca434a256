import { TIE } from '../errors'

/** Per cent of fuel in the oil up to which it is normal, and up to which it is watched. Used-oil practice, rule of thumb. */
export const DILUTION_LIMITS = { normal: 2, watch: 5 } as const

/**
 * Fuel that must have come in, given what the engine is known to use. A steady level can hide fuel.
 * @param normalUseMlPerH this engine's own oil use in health, mL/h
 */
export function oilDilution({
  v0Ml,
  v1Ml,
  addedMl,
  hours,
  normalUseMlPerH,
}: {
  v0Ml: number
  v1Ml: number
  addedMl: number
  hours: number
  normalUseMlPerH: number
}) {
  const oilLeftMl = Math.max(0, v0Ml + addedMl - normalUseMlPerH * hours)
  const fuelMl = Math.max(0, v1Ml - oilLeftMl)
  const dilutionPct = (100 * fuelMl) / v1Ml
  const state =
    dilutionPct <= DILUTION_LIMITS.normal + TIE
      ? 'normal'
      : dilutionPct <= DILUTION_LIMITS.watch + TIE
        ? 'watch'
        : 'change_oil'
  return { fuelMl, dilutionPct, state }
}
