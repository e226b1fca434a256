import { InputError } from '../errors'
import { AIR_R, flowFunction } from './flowFunction'

export type CrankcaseClass = 'vehicle' | 'handheld'
/** Loss in kPa a minute up to which seals pass, and up to which they are doubtful. General practice, the middle limits shop judgement. */
export const CRANKCASE_LIMITS: Record<CrankcaseClass, { pass: number; doubtful: number }> = {
  vehicle: { pass: 7, doubtful: 15 },
  handheld: { pass: 15, doubtful: 60 },
}

export interface CrankcaseInput {
  p0Kpa: number
  p1Kpa: number
  seconds: number
  engineClass: CrankcaseClass
  volumeMl: number | null
  pAmbKpa: number
  tempC: number
}

/**
 * A two-stroke crankcase under pressure or vacuum (negative): how fast it loses, and the leak as an effective area where the volume is known.
 * Do both: a lip seal may hold one way only.
 * @throws InputError `out_of_range` under 10 kPa or past a perfect vacuum, `inconsistent` when the reading changes sign or rises
 */
export function crankcaseTest({ p0Kpa, p1Kpa, seconds, engineClass, volumeMl, pAmbKpa, tempC }: CrankcaseInput) {
  const [start, end] = [Math.abs(p0Kpa), Math.abs(p1Kpa)]
  if (start < 10)
    throw new InputError('out_of_range', 'p0_kpa', `Start with at least 10 kPa of pressure or vacuum, not ${p0Kpa}.`)
  if (pAmbKpa + p0Kpa < 0) throw new InputError('out_of_range', 'p0_kpa', `${p0Kpa} kPa is below a perfect vacuum.`)
  if (p0Kpa * p1Kpa < 0 || end > start + 0.5)
    throw new InputError(
      'inconsistent',
      'p1_kpa',
      `The reading went from ${p0Kpa} to ${p1Kpa} kPa: it can only fall towards nothing. Check the gauge and the hose.`,
    )
  const dropKpa = Math.max(0, start - end)
  const rate = (dropKpa * 60) / seconds
  const { pass, doubtful } = CRANKCASE_LIMITS[engineClass]
  return {
    mode: p0Kpa > 0 ? ('pressure' as const) : ('vacuum' as const),
    dropKpa,
    rateKpaPerMin: rate,
    dropPct: (100 * dropKpa) / start,
    leakMlPerMin: volumeMl === null ? null : (volumeMl * dropKpa) / pAmbKpa / (seconds / 60),
    areaMm2:
      volumeMl === null
        ? null
        : dropKpa === 0
          ? 0
          : end === 0
            ? null
            : areaMm2(volumeMl, seconds, tempC, pAmbKpa, start, end, p0Kpa > 0),
    state:
      rate <= pass + 1e-9 ? ('pass' as const) : rate <= doubtful + 1e-9 ? ('doubtful' as const) : ('fail' as const),
  }
}

/** Effective area (Cd·A) by exact isothermal emptying or filling. */
function areaMm2(
  volumeMl: number,
  seconds: number,
  tempC: number,
  pAmbKpa: number,
  start: number,
  end: number,
  pressure: boolean,
): number {
  const flow = pressure
    ? (s: number) => (pAmbKpa + s) * flowFunction(pAmbKpa / (pAmbKpa + s))
    : (s: number) => pAmbKpa * flowFunction((pAmbKpa - s) / pAmbKpa)
  // s = u² takes the steep end at s → 0 out of the integral; Simpson's rule on what is left
  const [u0, u1] = [Math.sqrt(end), Math.sqrt(start)]
  const steps = 400
  const h = (u1 - u0) / steps
  const f = (u: number): number => (2 * u) / flow(u * u)
  let sum = f(u0) + f(u1)
  for (let i = 1; i < steps; i++) sum += f(u0 + i * h) * (i % 2 ? 4 : 2)
  const integral = (sum * h) / 3
  return ((volumeMl * 1e-6) / (seconds * Math.sqrt(AIR_R * (tempC + 273.15)))) * integral * 1e6
}
