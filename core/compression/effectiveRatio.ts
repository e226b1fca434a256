import { InputError, TIE } from '../errors'
import { pistonTravel } from './sliderCrank'

/**
 * Four-stroke compression ratio counted from where the inlet valve closes. Meaningless with an automatic release.
 * @param ivcAbdcDeg closing angle after bottom dead centre near the seat (0.1–0.25 mm lift), 0..110
 * @example dynamicCr({ staticCr: 10, strokeMm: 60, rodMm: 110, ivcAbdcDeg: 50 }).dcr  // => 8.757
 */
export function dynamicCr({
  staticCr,
  strokeMm,
  rodMm,
  ivcAbdcDeg,
}: {
  staticCr: number
  strokeMm: number
  rodMm: number
  ivcAbdcDeg: number
}): { effStrokeMm: number; dcr: number } {
  const effStrokeMm = pistonTravel(180 - ivcAbdcDeg, strokeMm, rodMm)
  return { effStrokeMm, dcr: 1 + ((staticCr - 1) * effStrokeMm) / strokeMm }
}

export interface TrappedCr {
  fullCr: number
  strokeMm: number
  rodMm: number | null
  exhaustDurationDeg: number | null
  portFromTdcMm: number | null
}

/**
 * Two-stroke compression ratio counted from where the exhaust port closes.
 * @param portFromTdcMm top edge of the port below the crown at top dead centre; when given, rod and duration are not used
 * @throws InputError `inconsistent` for a port below the stroke, `missing` when neither the port nor rod and duration are known
 */
export function trappedCr({ fullCr, strokeMm, rodMm, exhaustDurationDeg, portFromTdcMm }: TrappedCr): {
  effStrokeMm: number
  tcr: number
} {
  const effStrokeMm = closingTravel()
  return { effStrokeMm, tcr: 1 + ((fullCr - 1) * effStrokeMm) / strokeMm }

  function closingTravel(): number {
    if (portFromTdcMm !== null) {
      if (portFromTdcMm > strokeMm + TIE)
        throw new InputError(
          'inconsistent',
          'port_from_tdc_mm',
          `The port edge (${portFromTdcMm} mm down) can't lie below the stroke (${strokeMm} mm).`,
        )
      return portFromTdcMm
    }
    if (rodMm === null || exhaustDurationDeg === null)
      throw new InputError('missing', 'rod_mm', 'Give the port height, or both rod length and exhaust duration.')
    return pistonTravel(180 - exhaustDurationDeg / 2, strokeMm, rodMm)
  }
}
