/**
 * Two-stroke mix. A ratio R means R volumes of fuel to 1 volume of oil: 50:1 is 20 mL of oil to each litre of fuel.
 */

/** Oil to pour into a known amount of fuel, mL, with both ways of saying per cent. */
export function mixOil({ fuelMl, ratio }: { fuelMl: number; ratio: number }) {
  const oilMl = fuelMl / ratio
  return { oilMl, totalMl: fuelMl + oilMl, oilPctOfFuel: 100 / ratio, oilPctOfMix: 100 / (ratio + 1) }
}

/** Oil and fuel that fill a can to a mark, mL. */
export function mixForTotal({ totalMl, ratio }: { totalMl: number; ratio: number }) {
  return { oilMl: totalMl / (ratio + 1), fuelMl: (totalMl * ratio) / (ratio + 1) }
}

/** What a can holds; straight fuel has no ratio and must not be run. */
export function mixRatio({ fuelMl, oilMl }: { fuelMl: number; oilMl: number }) {
  if (oilMl === 0) return { ratio: null, oilPctOfFuel: 0, oilPctOfMix: 0, status: 'no_oil' as const }
  return {
    ratio: fuelMl / oilMl,
    oilPctOfFuel: (100 * oilMl) / fuelMl,
    oilPctOfMix: (100 * oilMl) / (fuelMl + oilMl),
    status: 'ok' as const,
  }
}

/** A ratio from per cent; a bare per cent is of the fuel by custom. */
export function pctToRatio({ pct, basis }: { pct: number; basis: 'fuel' | 'mix' }): { ratio: number } {
  return { ratio: basis === 'fuel' ? 100 / pct : (100 - pct) / pct }
}
