import { InputError, TIE } from '../errors'

/** New and limit of a rotor pump's clearances, mm. Rule of thumb, general workshop-manual practice. */
export const PUMP_LIMITS = { tip: [0.15, 0.2], side: [0.1, 0.15], body: [0.2, 0.35] } as const
export type PumpPlace = keyof typeof PUMP_LIMITS
export type PumpState = 'not_measured' | 'ok' | 'serviceable' | 'over'
/** a limit alone, or the maker's new figure and limit */
export type PumpLimit = number | [fresh: number, limit: number]

export interface PumpInput {
  tipMm: number | null
  sideMm: number | null
  bodyMm: number | null
  limitsMm: Partial<Record<PumpPlace, PumpLimit>>
}

/**
 * A rotor pump by its clearances, mm, wiped dry. Side clearance costs most of the flow.
 * @throws InputError `missing` when nothing was measured, `inconsistent` for a new figure over its limit
 */
export function pumpClearances({
  tipMm,
  sideMm,
  bodyMm,
  limitsMm,
}: PumpInput): Record<PumpPlace, PumpState> & { replace: boolean } {
  if (tipMm === null && sideMm === null && bodyMm === null)
    throw new InputError('missing', 'tip_mm', 'Measure one of them at least: tip, side or body.')
  const judge = (place: PumpPlace, value: number | null): PumpState => {
    const given = limitsMm[place]
    const [thumbNew, thumbLimit] = PUMP_LIMITS[place]
    const [fresh, limit] =
      given === undefined
        ? [thumbNew, thumbLimit]
        : typeof given === 'number'
          ? [Math.min(thumbNew, given), given]
          : given
    if (fresh > limit + TIE)
      throw new InputError(
        'inconsistent',
        `limits_mm.${place}`,
        `The new figure (${fresh} mm) must not be over the limit (${limit} mm).`,
      )
    return value === null ? 'not_measured' : value > limit + TIE ? 'over' : value <= fresh + TIE ? 'ok' : 'serviceable'
  }
  const states = { tip: judge('tip', tipMm), side: judge('side', sideMm), body: judge('body', bodyMm) }
  return { ...states, replace: Object.values(states).includes('over') }
}

export interface PumpPressure {
  dispCcPerRev: number
  pumpRpm: number
  slipLpmPerKpa: number
  bearingLpmPerKpa: number
  orificeMm2: number
  leakMm2: number
  reliefKpa: number | null
  reliefLpmPerKpa: number
  cd: number
  rho: number
}

/**
 * Pressure at which a pump's flow goes out through bearings, orifice, relief valve and a leak. L/min, kPa, mm², kg/m³.
 * The same leak matters most at hot idle and is hidden by the relief valve at speed.
 * @param pumpRpm the pump's own speed, not the crank's
 * @throws InputError `inconsistent` when there is nothing to flow through
 */
export function pumpPressure({
  dispCcPerRev,
  pumpRpm,
  slipLpmPerKpa,
  bearingLpmPerKpa,
  orificeMm2,
  leakMm2,
  reliefKpa,
  reliefLpmPerKpa,
  cd,
  rho,
}: PumpPressure): {
  flowLpm: number
  pKpa: number
  pLeakKpa: number
  dropKpa: number
  leakFlowLpm: number
  onRelief: boolean
} {
  const flowLpm = (dispCcPerRev * pumpRpm) / 1000
  const linear = slipLpmPerKpa + bearingLpmPerKpa
  const rootOf = (areaMm2: number): number => cd * areaMm2 * 1e-6 * Math.sqrt(2000 / rho) * 60000
  const relief = reliefKpa === null ? 0 : reliefLpmPerKpa
  if (linear <= 0 && orificeMm2 <= 0 && relief <= 0)
    throw new InputError(
      'inconsistent',
      'orifice_mm2',
      'There is nothing to flow through: give an orifice, a bearing or a slip.',
    )
  const pressure = (areaMm2: number): number => {
    const k = rootOf(areaMm2)
    const open = balance(linear, k, flowLpm)
    return reliefKpa === null || open <= reliefKpa ? open : balance(linear + relief, k, flowLpm + relief * reliefKpa)
  }
  const [pKpa, pLeakKpa] = [pressure(orificeMm2), pressure(orificeMm2 + leakMm2)]
  return {
    flowLpm,
    pKpa,
    pLeakKpa,
    dropKpa: pKpa - pLeakKpa,
    leakFlowLpm: rootOf(leakMm2) * Math.sqrt(pLeakKpa),
    onRelief: reliefKpa !== null && pKpa > reliefKpa + TIE,
  }
}

/** p with g·p + k·√p = q. */
function balance(g: number, k: number, q: number): number {
  if (q <= 0) return 0
  if (g <= 0) return k <= 0 ? Infinity : (q / k) ** 2
  // the root in this form loses nothing to cancellation
  const y = (2 * q) / (k + Math.sqrt(k ** 2 + 4 * g * q))
  return y ** 2
}

/** The slit that a flattened O-ring leaves, mm². Overstates under 0.05 mm, where the flow is laminar. */
export function oringLeak({ ringDiaMm, gapMm }: { ringDiaMm: number; gapMm: number }): { areaMm2: number } {
  return { areaMm2: Math.PI * ringDiaMm * gapMm }
}

/** Slip at another clearance and thickness of oil, L/min a kPa: it grows with the cube of the gap. */
export function slipScale({
  slip0LpmPerKpa,
  clearance0Mm,
  clearanceMm,
  viscRatio,
}: {
  slip0LpmPerKpa: number
  clearance0Mm: number
  clearanceMm: number
  viscRatio: number
}): { slipLpmPerKpa: number } {
  return { slipLpmPerKpa: (slip0LpmPerKpa * (clearanceMm / clearance0Mm) ** 3) / viscRatio }
}
