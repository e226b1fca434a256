import { InputError, TIE } from '../errors'
import type { Material } from '../wear/thermal'
import { EXPANSION } from '../wear/thermal'

export type BoreRow = [x: number, y: number]
export interface BoreGridInput {
  readingsMm: BoreRow[]
  nominalMm: number
  pistonMm: number | null
  wearLimitMm: number | null
  taperLimitMm: number | null
  oorLimitMm: number | null
}
export type BoreFault = 'wear' | 'taper' | 'out_of_round'
export interface BoreGrid {
  largestMm: number
  wearMm: number
  outOfRoundMm: number
  taperMm: number | null
  taperSignedMm: number | null
  barrelMm: number | null
  clearanceMaxMm?: number
  clearanceMinMm?: number
  overLimit: BoreFault[]
}

/** Readings lie within these shares of the nominal bore; outside, a decimal slipped. */
export const BORE_SPAN = [0.97, 1.05] as const
const AXES = [0, 1] as const

/**
 * Wear, taper, out-of-round and barrel of a bore from readings top to bottom, X along the crank and Y across it. mm.
 * Out-of-round is the difference of diameters; taper the most that one axis changes over the depth.
 * @param readingsMm one row for each depth, at least one
 * @throws InputError `out_of_range` for a reading that is no bore of that size
 * @example boreGrid({ readingsMm: [[52.08, 52.11], [52.02, 52.02]], nominalMm: 52, … }).taperMm  // => 0.09
 */
export function boreGrid({
  readingsMm,
  nominalMm,
  pistonMm,
  wearLimitMm,
  taperLimitMm,
  oorLimitMm,
}: BoreGridInput): BoreGrid {
  checkReadings(readingsMm, nominalMm, BORE_SPAN)
  const all = readingsMm.flat()
  const [largestMm, smallestMm] = [Math.max(...all), Math.min(...all)]
  const axes = AXES.map(axis => readingsMm.map(row => row[axis]))
  const single = readingsMm.length < 2
  const outOfRoundMm = Math.max(...readingsMm.map(([x, y]) => Math.abs(x - y)))
  const taperMm = single ? null : Math.max(...axes.map(a => Math.max(...a) - Math.min(...a)))
  const signed = axes.map(a => (a[0] ?? 0) - (a.at(-1) ?? 0))
  const taperSignedMm = single ? null : signed.reduce((most, s) => (Math.abs(s) > Math.abs(most) + TIE ? s : most))
  const barrelMm = single
    ? null
    : Math.max(
        ...axes.map(a => Math.max(0, ...a.slice(1, -1).map(inner => inner - Math.max(a[0] ?? 0, a.at(-1) ?? 0)))),
      )
  const beyond: [BoreFault, number | null, number | null][] = [
    ['wear', largestMm - nominalMm, wearLimitMm],
    ['taper', taperMm, taperLimitMm],
    ['out_of_round', outOfRoundMm, oorLimitMm],
  ]
  return {
    largestMm,
    wearMm: largestMm - nominalMm,
    outOfRoundMm,
    taperMm,
    taperSignedMm,
    barrelMm,
    ...(pistonMm !== null && { clearanceMaxMm: largestMm - pistonMm, clearanceMinMm: smallestMm - pistonMm }),
    overLimit: beyond
      .filter(([, value, limit]) => value !== null && limit !== null && value > limit + TIE)
      .map(([fault]) => fault),
  }
}

/** Every reading within shares of a nominal size: a slipped decimal is caught before it becomes a verdict. */
export function checkReadings(
  rows: readonly (readonly number[])[],
  nominalMm: number,
  [low, high]: readonly [number, number],
): void {
  for (const [i, row] of rows.entries()) {
    for (const [j, value] of row.entries()) {
      if (value < low * nominalMm - TIE || value > high * nominalMm + TIE)
        throw new InputError(
          'out_of_range',
          `readings_mm[${i}][${j}]`,
          `A reading of ${value} mm is no size near ${nominalMm} mm: look at the decimal point.`,
        )
    }
  }
}

export const BORE_TYPES = ['grey_iron', 'plated_aluminium', 'bare_aluminium'] as const
export type BoreType = (typeof BORE_TYPES)[number]
export interface OversizeInput {
  nominalMm: number
  largestMm: number
  sizesMm: number[]
  minCutDiaMm: number
  honeDiaMm: number
  holdCentre: boolean
  boreType: BoreType
  maxOversizeMm: number | null
  wearLimitMm: number
}
export interface Oversize {
  status: 'ok' | 'no_option' | 'reuse_if_surface_good' | 'replate_or_sleeve' | 'sleeve_or_replace'
  requiredMm: number | null
  oversizeMm: number | null
  boreToMm?: number
  finishMm?: number
  spareMm?: number
}

/**
 * The next oversize that cleans a bore up. All allowances on the diameter, mm. No size is named for a plated or bare bore.
 * @param holdCentre bored on the old centre: one-sided wear then costs twice
 * @param sizesMm    oversizes that are sold, in any order
 */
export function boreOversize({
  nominalMm,
  largestMm,
  sizesMm,
  minCutDiaMm,
  honeDiaMm,
  holdCentre,
  boreType,
  maxOversizeMm,
  wearLimitMm,
}: OversizeInput): Oversize {
  const wear = Math.max(0, largestMm - nominalMm)
  if (boreType !== 'grey_iron') {
    const worn = wear > wearLimitMm + TIE
    return {
      status: !worn
        ? 'reuse_if_surface_good'
        : boreType === 'plated_aluminium'
          ? 'replate_or_sleeve'
          : 'sleeve_or_replace',
      requiredMm: null,
      oversizeMm: null,
    }
  }
  const requiredMm = nominalMm + (holdCentre ? 2 : 1) * wear + minCutDiaMm + honeDiaMm
  const size = [...sizesMm]
    .sort((a, b) => a - b)
    .find(s => (maxOversizeMm === null || s <= maxOversizeMm + TIE) && nominalMm + s >= requiredMm - TIE)
  if (size === undefined) return { status: 'no_option', requiredMm, oversizeMm: null }
  const finishMm = nominalMm + size
  return {
    status: 'ok',
    requiredMm,
    oversizeMm: size,
    boreToMm: finishMm - honeDiaMm,
    finishMm,
    spareMm: finishMm - requiredMm,
  }
}

/** A reading taken warm, as it would be at 20 °C, mm: the part and the gauge each grow by their own. */
export function boreTempCorrect({
  readingMm,
  partTempC,
  partMaterial,
  gaugeTempC,
  gaugeMaterial,
}: {
  readingMm: number
  partTempC: number
  partMaterial: Material
  gaugeTempC: number
  gaugeMaterial: Material
}): { at20Mm: number } {
  return {
    at20Mm:
      (readingMm * (1 + EXPANSION[gaugeMaterial] * (gaugeTempC - 20))) /
      (1 + EXPANSION[partMaterial] * (partTempC - 20)),
  }
}
