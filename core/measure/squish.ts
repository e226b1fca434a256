import { pistonAngle } from '../compression/sliderCrank'
import { InputError, TIE } from '../errors'

/** Area of a bore, cm² a mm of height: mL for each mm. */
const mlPerMm = (boreMm: number): number => ((Math.PI / 4) * boreMm ** 2) / 1000

export interface StaticCr {
  boreMm: number
  strokeMm: number
  headCc: number
  gasketBoreMm: number | null
  gasketMm: number
  deckMm: number
  dishCc: number
}

/**
 * Compression ratio from its volumes, mL. Burette with the plug fitted.
 * @param deckMm crown below the deck positive, standing out negative
 * @param dishCc a dish positive, a dome negative
 * @throws InputError `inconsistent` when nothing is left above the piston
 */
export function staticCr({ boreMm, strokeMm, headCc, gasketBoreMm, gasketMm, deckMm, dishCc }: StaticCr): {
  sweptCc: number
  clearanceCc: number
  cr: number
} {
  const sweptCc = mlPerMm(boreMm) * strokeMm
  const clearanceCc = headCc + mlPerMm(gasketBoreMm ?? boreMm) * gasketMm + mlPerMm(boreMm) * deckMm + dishCc
  if (clearanceCc <= 0)
    throw new InputError(
      'inconsistent',
      'head_cc',
      'Nothing would be left above the piston: look at head, gasket, deck and dome again.',
    )
  return { sweptCc, clearanceCc, cr: 1 + sweptCc / clearanceCc }
}

export interface BaseGasket {
  squishNowMm: number
  gasketNowMm: number
  availableMm: number[]
  targetSquishMm: number
  minSquishMm: number
  boreMm: number | null
  strokeMm: number | null
  clearanceNowCc: number | null
  crMax: number | null
}

/**
 * The gasket that brings the squish nearest to its target without going under the least, or over a ratio. Crushed thickness, mm; of two equally near the thicker.
 * @throws InputError `missing` for a largest ratio without bore, stroke and clearance
 */
export function baseGasket({
  squishNowMm,
  gasketNowMm,
  availableMm,
  targetSquishMm,
  minSquishMm,
  boreMm,
  strokeMm,
  clearanceNowCc,
  crMax,
}: BaseGasket): { status: 'ok' | 'no_option'; gasketMm: number | null; squishMm: number | null; cr: number | null } {
  const squish = (gasket: number): number => squishNowMm + gasket - gasketNowMm
  const ratio = (gasket: number): number | null => {
    if (crMax === null) return null
    if (boreMm === null || strokeMm === null || clearanceNowCc === null)
      throw new InputError('missing', 'bore_mm', 'A largest ratio needs bore, stroke and the clearance as it is now.')
    const clearance = clearanceNowCc + mlPerMm(boreMm) * (gasket - gasketNowMm)
    return clearance <= 0 ? Infinity : 1 + (mlPerMm(boreMm) * strokeMm) / clearance
  }
  const off = (gasket: number): number => Math.abs(squish(gasket) - targetSquishMm)
  const best = availableMm
    .filter(g => squish(g) >= minSquishMm - TIE && (crMax === null || (ratio(g) ?? 0) <= crMax + TIE))
    .sort((a, b) => (Math.abs(off(a) - off(b)) > TIE ? off(a) - off(b) : b - a))[0]
  return best === undefined
    ? { status: 'no_option', gasketMm: null, squishMm: null, cr: null }
    : { status: 'ok', gasketMm: best, squishMm: squish(best), cr: ratio(best) }
}

/** How much thicker (or thinner) a gasket must be for a ratio, mm. */
export function baseGasketForCr({
  clearanceNowCc,
  boreMm,
  strokeMm,
  targetCr,
}: {
  clearanceNowCc: number
  boreMm: number
  strokeMm: number
  targetCr: number
}): { gasketChangeMm: number } {
  return { gasketChangeMm: ((mlPerMm(boreMm) * strokeMm) / (targetCr - 1) - clearanceNowCc) / mlPerMm(boreMm) }
}

/** Two wires of solder along the pin axis, mm: a difference is a bent rod or a face that is not square. */
export function squishSolder({
  leftMm,
  rightMm,
  tiltLimitMm,
}: {
  leftMm: number
  rightMm: number
  tiltLimitMm: number
}): { meanMm: number; differenceMm: number; state: 'ok' | 'check_square_or_rod' } {
  const differenceMm = Math.abs(leftMm - rightMm)
  return {
    meanMm: (leftMm + rightMm) / 2,
    differenceMm,
    state: differenceMm > tiltLimitMm + TIE ? 'check_square_or_rod' : 'ok',
  }
}

/**
 * How long a port stays open, degrees of crank.
 * @param portFromTdcMm upper edge below the crown at top dead centre, mm
 * @param barrelRaiseMm how much a thicker base gasket lifts the barrel, mm
 * @throws InputError `inconsistent` for an edge outside the stroke
 */
export function portDuration({
  strokeMm,
  rodMm,
  portFromTdcMm,
  barrelRaiseMm,
}: {
  strokeMm: number
  rodMm: number
  portFromTdcMm: number
  barrelRaiseMm: number
}): { durationDeg: number } {
  const edge = portFromTdcMm - barrelRaiseMm
  if (edge <= 0 || edge > strokeMm + TIE)
    throw new InputError(
      'inconsistent',
      'port_from_tdc_mm',
      `The port's edge would lie ${edge.toFixed(2)} mm down a stroke of ${strokeMm} mm.`,
    )
  return { durationDeg: 2 * (180 - pistonAngle(Math.min(edge, strokeMm), strokeMm, rodMm)) }
}
