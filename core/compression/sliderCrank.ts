import { InputError } from '../errors'

/**
 * Piston travel below top dead centre. Pin offset ignored.
 * @param deg     crank angle after top dead centre, degrees
 * @param rodMm   rod length centre to centre, mm
 * @throws InputError `inconsistent` when the rod is no longer than half the stroke: it could not turn
 */
export function pistonTravel(deg: number, strokeMm: number, rodMm: number): number {
  const throwMm = strokeMm / 2
  checkRod(strokeMm, rodMm)
  const rad = (deg * Math.PI) / 180
  return throwMm * (1 - Math.cos(rad)) + rodMm - Math.sqrt(rodMm ** 2 - (throwMm * Math.sin(rad)) ** 2)
}

/**
 * The crank angle after top dead centre at which the piston has travelled so far, degrees 0..180: the inverse of `pistonTravel`.
 * @throws InputError `inconsistent` for a rod that can't turn
 */
export function pistonAngle(travelMm: number, strokeMm: number, rodMm: number): number {
  checkRod(strokeMm, rodMm)
  const throwMm = strokeMm / 2
  const d = throwMm + rodMm - travelMm
  const cos = (throwMm ** 2 + d ** 2 - rodMm ** 2) / (strokeMm * d)
  return (Math.acos(Math.max(-1, Math.min(1, cos))) * 180) / Math.PI
}

function checkRod(strokeMm: number, rodMm: number): void {
  if (rodMm <= strokeMm / 2)
    throw new InputError(
      'inconsistent',
      'rod_mm',
      `A rod of ${rodMm} mm can't turn on a stroke of ${strokeMm} mm: it must be longer than half the stroke.`,
    )
}
