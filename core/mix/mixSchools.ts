import { InputError } from '../errors'

/** Ratios in use, from lean to rich. */
export const RATIO_LADDER = [100, 80, 60, 50, 40, 32, 25, 20, 16] as const
export const RICHER_REASONS = ['break_in', 'hard_use', 'hot_weather'] as const
export type RicherReason = (typeof RICHER_REASONS)[number]
const MOST_STEPS = 2

/**
 * The school that mixes a step richer than the maker while there is a reason, two steps at most, never under the floor.
 * Rule of thumb: not for longer than breaking in, and richer oil asks for a richer jet (see mixLeanShift).
 */
export function mixStepRicher({
  baseRatio,
  reasons,
  floorRatio,
}: {
  baseRatio: number
  reasons: RicherReason[]
  floorRatio: number
}): { ratio: number; status: 'unchanged' | 'ok' | 'at_floor' } {
  const steps = Math.min(MOST_STEPS, new Set(reasons).size)
  let ratio = baseRatio
  for (let i = 0; i < steps; i++) {
    const next = RATIO_LADDER.find(r => r < ratio)
    if (next === undefined || next < floorRatio) return { ratio, status: 'at_floor' }
    ratio = next
  }
  return { ratio, status: steps ? 'ok' : 'unchanged' }
}

/**
 * How much leaner the engine runs when the mix carries more oil, since oil is no fuel. % of the air-fuel ratio, positive = leaner.
 * @param mode `density` counts that a heavier mix also flows a little less through the same jet
 */
export function mixLeanShift({
  ratioFrom,
  ratioTo,
  mode,
  rhoFuel,
  rhoOil,
}: {
  ratioFrom: number
  ratioTo: number
  mode: 'volume' | 'density'
  rhoFuel: number
  rhoOil: number
}): { afrChangePct: number } {
  const share = (ratio: number): number => ratio / (ratio + 1)
  const density = (ratio: number): number => share(ratio) * rhoFuel + (1 - share(ratio)) * rhoOil
  const flow = mode === 'density' ? Math.sqrt(density(ratioTo) / density(ratioFrom)) : 1
  return { afrChangePct: 100 * ((share(ratioFrom) / share(ratioTo)) * flow - 1) }
}

/**
 * An oil pump judged by what it used over at least a full tank.
 * @param uOilMl, uFuelMl standard uncertainties of the two volumes, mL
 * @throws InputError `inconsistent` unless the band's lower end lies under its upper one
 */
export function mixInjection({
  oilUsedMl,
  fuelUsedMl,
  ratioLo,
  ratioHi,
  uOilMl,
  uFuelMl,
}: {
  oilUsedMl: number
  fuelUsedMl: number
  ratioLo: number
  ratioHi: number
  uOilMl: number
  uFuelMl: number
}) {
  if (ratioLo >= ratioHi)
    throw new InputError(
      'inconsistent',
      'ratio_lo',
      `The band must run from rich to lean: ${ratioLo} is not under ${ratioHi}.`,
    )
  if (oilUsedMl === 0) return { ratio: null, URatio: null, status: 'no_oil_used' as const }
  const ratio = fuelUsedMl / oilUsedMl
  const doubt = 2 * ratio * Math.hypot(uOilMl / oilUsedMl, uFuelMl / fuelUsedMl)
  const status =
    ratio - doubt > ratioHi
      ? 'too_little_oil'
      : ratio + doubt < ratioLo
        ? 'too_much_oil'
        : ratio - doubt >= ratioLo && ratio + doubt <= ratioHi
          ? 'ok'
          : 'doubtful'
  return { ratio, URatio: doubt, status }
}
