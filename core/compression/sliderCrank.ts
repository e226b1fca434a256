import { InputError } from '../errors'

/**
 * Piston travel below top dead centre. Pin offset ignored.
 * @param deg     crank angle after top dead centre, degrees
 * @param rodMm   rod length centre to centre, mm
 * @throws InputError `inconsistent` when the rod is no longer than half the stroke: it could not turn
 */
export function pistonTravel(deg: number, strokeMm: number, rodMm: number): number {
  const throwMm = strokeMm / 2
  if (rodMm <= throwMm) throw new InputError('inconsistent', 'rod_mm', `A rod of ${rodMm} mm can't turn on a stroke of ${strokeMm} mm: it must be longer than half the stroke.`)
  const rad = deg * Math.PI / 180
  return throwMm * (1 - Math.cos(rad)) + rodMm - Math.sqrt(rodMm ** 2 - (throwMm * Math.sin(rad)) ** 2)
}
