import { pistonAngle, pistonTravel } from '../compression/sliderCrank'
import { InputError, TIE } from '../errors'

/** Gaps, mm: plug, coil to flywheel, points. Rule of thumb, general workshop-manual practice. */
export const GAP_BANDS = { plug: [0.6, 0.8], coil: [0.25, 0.4], points: [0.3, 0.45] } as const
export type GapKind = keyof typeof GAP_BANDS

/**
 * A gap against its band, mm.
 * @throws InputError `missing` when one limit is given alone, `inconsistent` for a band upside down
 */
export function gapCheck({
  kind,
  gapMm,
  loMm,
  hiMm,
}: {
  kind: GapKind
  gapMm: number
  loMm: number | null
  hiMm: number | null
}): { state: 'touching' | 'narrow' | 'ok' | 'wide' } {
  if ((loMm === null) !== (hiMm === null))
    throw new InputError('missing', loMm === null ? 'lo_mm' : 'hi_mm', 'Give both ends of the band, or neither.')
  const [lo, hi] = [loMm ?? GAP_BANDS[kind][0], hiMm ?? GAP_BANDS[kind][1]]
  if (lo > hi + TIE)
    throw new InputError(
      'inconsistent',
      'lo_mm',
      `The narrow end (${lo} mm) must not be more than the wide end (${hi} mm).`,
    )
  return { state: gapMm <= 0 ? 'touching' : gapMm < lo - TIE ? 'narrow' : gapMm <= hi + TIE ? 'ok' : 'wide' }
}

/**
 * What a moved flywheel does to the timing, degrees of crank; ahead in the direction of turning is advanced, +.
 * @param offsetMm between the key marks at the radius where it was measured
 * @throws InputError `inconsistent` for a chord longer than the wheel, or more than half a turn
 */
export function keyShift({
  offsetMm,
  radiusMm,
  measured,
  flywheelAhead,
}: {
  offsetMm: number
  radiusMm: number
  measured: 'arc' | 'chord'
  flywheelAhead: boolean
}): { shiftDeg: number; effect: 'advanced' | 'retarded' | 'none'; state: 'ok' | 'doubtful' | 'replace_key' } {
  const share = offsetMm / (2 * radiusMm)
  if (measured === 'chord' && Math.abs(share) > 1 + TIE)
    throw new InputError(
      'inconsistent',
      'offset_mm',
      `A chord of ${offsetMm} mm is longer than a wheel of ${radiusMm} mm radius is wide.`,
    )
  const deg =
    ((measured === 'chord' ? 2 * Math.asin(Math.max(-1, Math.min(1, share))) : offsetMm / radiusMm) * 180) / Math.PI
  if (Math.abs(deg) > 180 + TIE)
    throw new InputError(
      'inconsistent',
      'offset_mm',
      `${offsetMm} mm is more than half a turn at a radius of ${radiusMm} mm.`,
    )
  const shiftDeg = offsetMm === 0 ? 0 : flywheelAhead ? deg : -deg
  const size = Math.abs(shiftDeg)
  return {
    shiftDeg,
    effect: shiftDeg === 0 ? 'none' : shiftDeg > 0 ? 'advanced' : 'retarded',
    state: size <= 1 + TIE ? 'ok' : size <= 3 + TIE ? 'doubtful' : 'replace_key',
  }
}

/** How far below top dead centre the piston stands at an angle before it, mm. */
export function btdcMm({ degBtdc, strokeMm, rodMm }: { degBtdc: number; strokeMm: number; rodMm: number }): {
  mmBtdc: number
} {
  return { mmBtdc: pistonTravel(degBtdc, strokeMm, rodMm) }
}

/** The angle before top dead centre at which the piston stands so far below it, degrees; up to half the stroke. */
export function btdcDeg({ mmBtdc, strokeMm, rodMm }: { mmBtdc: number; strokeMm: number; rodMm: number }): {
  degBtdc: number
} {
  return { degBtdc: pistonAngle(mmBtdc, strokeMm, rodMm) }
}
