import { TIE } from '../errors'
import type { Material } from '../wear/thermal'
import { EXPANSION } from '../wear/thermal'

/** New gap as a share of the bore. Rule of thumb, general engine-machining practice. */
export const RING_BANDS = {
  four_stroke_top: [0.003, 0.006],
  four_stroke_second: [0.0035, 0.007],
  two_stroke: [0.004, 0.007],
  air_cooled: [0.0035, 0.007],
} as const
export type RingClass = keyof typeof RING_BANDS
/** Largest gap as a share of the bore, where no maker's limit is known. Rule of thumb. */
const GAP_LIMIT = 0.012
export type RingGapState = 'butted' | 'too_tight' | 'new_band' | 'serviceable' | 'worn_out'

/** A ring's end gap, square in the bore, mm. A gap equal to a limit passes. */
export function ringGap({
  boreMm,
  gapMm,
  ringClass,
  limitMm,
}: {
  boreMm: number
  gapMm: number
  ringClass: RingClass
  limitMm: number | null
}): { loMm: number; hiMm: number; limitMm: number; state: RingGapState } {
  const [loMm, hiMm] = RING_BANDS[ringClass].map(share => share * boreMm) as [number, number]
  const limit = limitMm ?? GAP_LIMIT * boreMm
  const state =
    gapMm <= 0
      ? 'butted'
      : gapMm < loMm - TIE
        ? 'too_tight'
        : gapMm <= hiMm + TIE
          ? 'new_band'
          : gapMm <= limit + TIE
            ? 'serviceable'
            : 'worn_out'
  return { loMm, hiMm, limitMm: limit, state }
}

/** How much of a gap's growth the bore made and how much the ring's own face, mm. A ring's arc shortens by 2π for each mm off its face. */
export function ringRadialWear({
  gapNowMm,
  gapNewMm,
  boreNowMm,
  boreNewMm,
}: {
  gapNowMm: number
  gapNewMm: number
  boreNowMm: number
  boreNewMm: number
}): { fromBoreMm: number; radialWearMm: number; status: 'ok' | 'inconsistent_readings' } {
  const fromBoreMm = Math.PI * (boreNowMm - boreNewMm)
  const radialWearMm = (gapNowMm - gapNewMm - fromBoreMm) / (2 * Math.PI)
  return { fromBoreMm, radialWearMm, status: radialWearMm < -0.01 - TIE ? 'inconsistent_readings' : 'ok' }
}

/** A ring's play in its groove, mm. Not for keystone rings. */
export function ringSide({ grooveMm, ringMm, limitMm }: { grooveMm: number; ringMm: number; limitMm: number }): {
  clearanceMm: number
  state: 'no_clearance' | 'tight' | 'ok' | 'worn'
} {
  const clearanceMm = grooveMm - ringMm
  return {
    clearanceMm,
    state:
      clearanceMm <= TIE
        ? 'no_clearance'
        : clearanceMm < 0.02 - TIE
          ? 'tight'
          : clearanceMm <= limitMm + TIE
            ? 'ok'
            : 'worn',
  }
}

/** Whether a ring still springs out: its free gap, mm, against 0.8 of a new one's, or 0.08 of the bore (rules of thumb). */
export function ringFreeGap({
  boreMm,
  freeGapMm,
  newFreeGapMm,
}: {
  boreMm: number
  freeGapMm: number
  newFreeGapMm: number | null
}): { limitMm: number; state: 'ok' | 'lost_tension' } {
  const limitMm = newFreeGapMm === null ? 0.08 * boreMm : 0.8 * newFreeGapMm
  return { limitMm, state: freeGapMm < limitMm - TIE ? 'lost_tension' : 'ok' }
}

/** The gap that is left hot, mm; the ring butts and scores at nothing. Rises over the temperature of measuring, K. */
export function ringHotGap({
  boreMm,
  gapColdMm,
  ringRiseC,
  boreRiseC,
  ringMaterial,
  boreMaterial,
}: {
  boreMm: number
  gapColdMm: number
  ringRiseC: number
  boreRiseC: number
  ringMaterial: Material
  boreMaterial: Material
}): { gapHotMm: number; butts: boolean } {
  const gapHotMm =
    gapColdMm - Math.PI * boreMm * (EXPANSION[ringMaterial] * ringRiseC - EXPANSION[boreMaterial] * boreRiseC)
  return { gapHotMm, butts: gapHotMm <= TIE }
}
