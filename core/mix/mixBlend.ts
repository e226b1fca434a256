import { InputError, TIE } from '../errors'

/**
 * Fresh fuel onto what is left in the can.
 * @param remainderRatio null for straight fuel
 * @returns `too_rich` when no oil is needed and more fuel (extraFuelMl) would be; totalMl without that extra fuel
 * @throws  InputError `inconsistent` when there is neither a remainder nor fresh fuel
 */
export function mixBlend({
  remainderMl,
  remainderRatio,
  freshFuelMl,
  targetRatio,
  tolFrac,
}: {
  remainderMl: number
  remainderRatio: number | null
  freshFuelMl: number
  targetRatio: number
  tolFrac: number
}) {
  if (remainderMl + freshFuelMl === 0)
    throw new InputError(
      'inconsistent',
      'fresh_fuel_ml',
      'Neither a remainder nor fresh fuel: there is nothing to blend.',
    )
  const oil = remainderRatio === null ? 0 : remainderMl / (remainderRatio + 1)
  const fuel = remainderMl - oil + freshFuelMl
  const near = oil > 0 && Math.abs(fuel / oil / targetRatio - 1) <= tolFrac + TIE
  const wanted = fuel / targetRatio - oil
  if (near || wanted < 0) {
    const rich = !near
    return {
      oilAddMl: 0,
      finalRatio: fuel / oil,
      status: rich ? ('too_rich' as const) : ('ok' as const),
      extraFuelMl: rich ? oil * targetRatio - fuel : 0,
      totalMl: remainderMl + freshFuelMl,
    }
  }
  return {
    oilAddMl: wanted,
    finalRatio: targetRatio,
    status: 'ok' as const,
    extraFuelMl: 0,
    totalMl: remainderMl + freshFuelMl + wanted,
  }
}
