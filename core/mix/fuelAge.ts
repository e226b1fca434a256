import { TIE } from '../errors'

export const FUEL_TYPES = ['e10', 'e0', 'alkylate'] as const
export type FuelType = (typeof FUEL_TYPES)[number]

/** Days up to which fuel is fresh, and up to which it should be used soon: plain, then stabilised. Rule of thumb, shop judgement; closed can. */
export const FUEL_DAYS: Record<FuelType, { plain: [number, number]; stabilised: [number, number] }> = {
  e10: { plain: [30, 60], stabilised: [180, 365] },
  e0: { plain: [60, 120], stabilised: [365, 540] },
  alkylate: { plain: [730, 1095], stabilised: [730, 1095] },
}

/** Whether fuel, mixed or not, can still be used. */
export function fuelAge({ days, fuelType, stabilised }: { days: number; fuelType: FuelType; stabilised: boolean }): {
  state: 'fresh' | 'use_soon' | 'discard'
} {
  const [fresh, soon] = FUEL_DAYS[fuelType][stabilised ? 'stabilised' : 'plain']
  return { state: days <= fresh + TIE ? 'fresh' : days <= soon + TIE ? 'use_soon' : 'discard' }
}

/**
 * Whether water parts from fuel with ethanol in it. A separated tank is drained, never mixed again: its lower layer carries no two-stroke oil.
 * Rule of thumb for what fuel can hold, % by volume.
 */
export function fuelWater({
  ethanolPct,
  tempC,
  waterMl,
  fuelMl,
}: {
  ethanolPct: number
  tempC: number
  waterMl: number
  fuelMl: number
}) {
  const tolerancePct = Math.max(0.015, (ethanolPct / 10) * (0.5 + 0.005 * (tempC - 15)))
  const waterPct = (100 * waterMl) / fuelMl
  return { tolerancePct, waterPct, separates: waterPct > tolerancePct + TIE }
}
