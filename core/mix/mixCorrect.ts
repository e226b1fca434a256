import { InputError, TIE } from '../errors'

export type MixAction = 'none' | 'add_oil' | 'add_fuel' | 'drain_then_add_oil' | 'drain_then_add_fuel'
export interface MixCorrection {
  action: MixAction
  addMl: number
  drainMl: number
  finalTotalMl: number
  finalRatio: number
}

/**
 * Puts a wrong can right by the smallest addition, pouring some off first where the can has no room. What is poured off is
 * kept and labelled, not thrown away.
 * @param capacityMl what the can holds to the brim, mL
 * @param tolFrac    a ratio this near (as a share) is left as it is
 * @throws InputError `inconsistent` for an empty can, or more in it than it holds
 * @example mixCorrect({ fuelMl: 6000, oilMl: 100, targetRatio: 40, capacityMl: 7000, tolFrac: 0.02 }).addMl  // => 50
 */
export function mixCorrect({
  fuelMl,
  oilMl,
  targetRatio,
  capacityMl,
  tolFrac,
}: {
  fuelMl: number
  oilMl: number
  targetRatio: number
  capacityMl: number
  tolFrac: number
}): MixCorrection {
  const total = fuelMl + oilMl
  if (total === 0) throw new InputError('inconsistent', 'fuel_ml', 'The can is empty: there is nothing to put right.')
  if (total > capacityMl + TIE)
    throw new InputError(
      'inconsistent',
      'capacity_ml',
      `The can holds ${capacityMl} mL, and ${total} mL are said to be in it.`,
    )
  if (oilMl > 0 && Math.abs(fuelMl / oilMl / targetRatio - 1) <= tolFrac + TIE) {
    return { action: 'none', addMl: 0, drainMl: 0, finalTotalMl: total, finalRatio: fuelMl / oilMl }
  }
  const lean = oilMl === 0 || fuelMl / oilMl > targetRatio
  const what = lean ? ('oil' as const) : ('fuel' as const)
  const add = lean ? fuelMl / targetRatio - oilMl : oilMl * targetRatio - fuelMl
  if (total + add <= capacityMl + TIE)
    return { action: `add_${what}`, addMl: add, drainMl: 0, finalTotalMl: total + add, finalRatio: targetRatio }
  const kept = (capacityMl * total) / (total + add)
  return {
    action: `drain_then_add_${what}`,
    addMl: (add * kept) / total,
    drainMl: total - kept,
    finalTotalMl: capacityMl,
    finalRatio: targetRatio,
  }
}
