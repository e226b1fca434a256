import { TIE } from '../errors'

const radians = (deg: number): number => (deg * Math.PI) / 180

/**
 * The level a stick would show if the machine stood level. Exact for an upright-walled sump and a stick leaning across the tilt.
 * @param readingMm     wetted length of the stick, mm
 * @param tiltDeg       tilt of the machine, 0..30
 * @param offsetMm      how far downhill of the centre of the oil the stick stands, mm; uphill is negative
 * @param stickLeanDeg  lean of the stick from upright, 0..60
 * @param sumpLengthMm  length of the sump along the tilt, mm, where known
 * @returns `not_valid` where the floor would be dry at one end, so that the arithmetic does not hold
 */
export function oilTilt({
  readingMm,
  tiltDeg,
  offsetMm,
  stickLeanDeg,
  sumpLengthMm,
}: {
  readingMm: number
  tiltDeg: number
  offsetMm: number
  stickLeanDeg: number
  sumpLengthMm: number | null
}): { levelReadingMm: number; errorMm: number; status: 'ok' | 'not_valid' } {
  const lean = Math.cos(radians(stickLeanDeg))
  const errorMm = (offsetMm * Math.tan(radians(tiltDeg))) / lean
  const levelReadingMm = readingMm - errorMm
  const floorDry =
    sumpLengthMm !== null && levelReadingMm * lean < (sumpLengthMm / 2) * Math.tan(radians(tiltDeg)) - TIE
  return { levelReadingMm, errorMm, status: levelReadingMm < -TIE || floorDry ? 'not_valid' : 'ok' }
}
