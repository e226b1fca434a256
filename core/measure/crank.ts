import { InputError, TIE } from '../errors'
import { checkReadings } from './bore'

/** Journal readings lie within these shares of the nominal size. */
export const JOURNAL_SPAN = [0.95, 1.01] as const

export interface JournalGrid {
  smallestMm: number
  wearMm: number
  outOfRoundMm: number
  taperMm: number | null
  clearanceMinMm?: number
  clearanceMaxMm?: number
}

/**
 * A journal or pin from readings along it, two axes each, mm.
 * @param readingsMm rows of [axis 1, axis 2], at least one
 * @param housingMm  bore of the housing, shells in and torqued
 */
export function journalGrid({
  readingsMm,
  nominalMm,
  housingMm,
}: {
  readingsMm: [number, number][]
  nominalMm: number
  housingMm: number | null
}): JournalGrid {
  checkReadings(readingsMm, nominalMm, JOURNAL_SPAN)
  const all = readingsMm.flat()
  const [smallestMm, largestMm] = [Math.min(...all), Math.max(...all)]
  const [first, last] = [readingsMm[0], readingsMm.at(-1)]
  const taperMm =
    readingsMm.length < 2 || !first || !last
      ? null
      : Math.max(Math.abs(first[0] - last[0]), Math.abs(first[1] - last[1]))
  return {
    smallestMm,
    wearMm: nominalMm - smallestMm,
    taperMm,
    outOfRoundMm: Math.max(...readingsMm.map(([a, b]) => Math.abs(a - b))),
    ...(housingMm !== null && { clearanceMinMm: housingMm - largestMm, clearanceMaxMm: housingMm - smallestMm }),
  }
}

/** The first undersize that cleans a journal up, mm. Check the hardened depth first; pressed-up small cranks are not ground. */
export function journalUndersize({
  nominalMm,
  smallestMm,
  sizesMm,
  minGrindDiaMm,
}: {
  nominalMm: number
  smallestMm: number
  sizesMm: number[]
  minGrindDiaMm: number
}): { status: 'ok' | 'no_option'; undersizeMm: number | null; grindToMm: number | null; requiredMaxMm: number } {
  const [low, high] = JOURNAL_SPAN
  if (smallestMm < low * nominalMm - TIE || smallestMm > high * nominalMm + TIE)
    throw new InputError(
      'out_of_range',
      'smallest_mm',
      `A journal of ${smallestMm} mm is no size near ${nominalMm} mm: look at the decimal point.`,
    )
  const requiredMaxMm = smallestMm - minGrindDiaMm
  const size = [...sizesMm].sort((a, b) => a - b).find(u => nominalMm - u <= requiredMaxMm + TIE)
  return size === undefined
    ? { status: 'no_option', undersizeMm: null, grindToMm: null, requiredMaxMm }
    : { status: 'ok', undersizeMm: size, grindToMm: nominalMm - size, requiredMaxMm }
}

/** Shares of the journal: new from, new to, limit. Rule of thumb, general engine-machining practice. */
const PLAIN = { lo: 0.00075, hi: 0.0015, limit: 0.0025 } as const

/** Running clearance of a plain bearing, mm; a negative figure is an interference. */
export function plainClearance({
  journalMm,
  clearanceMm,
  limitMm,
}: {
  journalMm: number
  clearanceMm: number
  limitMm: number | null
}): {
  loMm: number
  hiMm: number
  limitMm: number
  state: 'interference' | 'tight' | 'ok' | 'serviceable' | 'worn_out'
} {
  const [loMm, hiMm, limit] = [PLAIN.lo * journalMm, PLAIN.hi * journalMm, limitMm ?? PLAIN.limit * journalMm]
  const state =
    clearanceMm <= 0
      ? 'interference'
      : clearanceMm < loMm - TIE
        ? 'tight'
        : clearanceMm <= hiMm + TIE
          ? 'ok'
          : clearanceMm <= limit + TIE
            ? 'serviceable'
            : 'worn_out'
  return { loMm, hiMm, limitMm: limit, state }
}

/** Shaft run-out as the dial shows it (total indicator reading), mm, on the main bearing seats. */
export function runout({ tirMm, limitTirMm }: { tirMm: number; limitTirMm: number }): {
  eccentricityMm: number
  state: 'ok' | 'over'
} {
  return { eccentricityMm: tirMm / 2, state: tirMm > limitTirMm + TIE ? 'over' : 'ok' }
}

/** Radial play of a big end from how far the rod's tip rocks side to side, mm. An upper bound where the side washers stop it first. */
export function bigEndFromShake({
  tipTotalMm,
  rodMm,
  bearingWidthMm,
}: {
  tipTotalMm: number
  rodMm: number
  bearingWidthMm: number
}): { radialClearanceMm: number } {
  return { radialClearanceMm: (tipTotalMm * bearingWidthMm) / (2 * rodMm) }
}

/** A roller big end against its limits, mm; felt radial play means a new one. */
export function bigEndCheck({
  radialMm,
  sideMm,
  radialLimitMm,
  sideLimitMm,
}: {
  radialMm: number
  sideMm: number
  radialLimitMm: number
  sideLimitMm: number
}): { overLimit: ('radial' | 'side')[]; state: 'ok' | 'rebuild_crank' } {
  const overLimit = [
    ...(radialMm > radialLimitMm + TIE ? ['radial' as const] : []),
    ...(sideMm > sideLimitMm + TIE ? ['side' as const] : []),
  ]
  return { overLimit, state: overLimit.length ? 'rebuild_crank' : 'ok' }
}

/** A main bearing by its play, mm, and by feel. */
export function mainPlay({
  radialMm,
  axialMm,
  radialLimitMm,
  axialLimitMm,
  rough,
}: {
  radialMm: number
  axialMm: number
  radialLimitMm: number
  axialLimitMm: number
  rough: boolean
}): { state: 'ok' | 'replace' } {
  return { state: rough || radialMm > radialLimitMm + TIE || axialMm > axialLimitMm + TIE ? 'replace' : 'ok' }
}
