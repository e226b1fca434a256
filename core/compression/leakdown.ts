import { InputError, TIE } from '../errors'
import { flowFunction } from './flowFunction'

/**
 * The size of a leak from a leak-down reading: the tester's orifice and the leak pass the same air.
 * @param pRegKpa     regulated pressure before the orifice, gauge, 100..1100 kPa
 * @param pCylKpa     pressure in the cylinder, gauge, kPa
 * @returns areaMm2 with the orifice's own discharge coefficient; holeMm the plain round hole of that area. Compare areas, not per cent, between testers
 * @throws  InputError `inconsistent` when the cylinder reads more than the regulator
 */
export function leakdown({
  pRegKpa,
  pCylKpa,
  orificeMm,
  pAmbKpa,
}: {
  pRegKpa: number
  pCylKpa: number
  orificeMm: number
  pAmbKpa: number
}) {
  if (pCylKpa > pRegKpa)
    throw new InputError(
      'inconsistent',
      'p_cyl_kpa',
      `The cylinder can't read more (${pCylKpa} kPa) than the regulator (${pRegKpa} kPa).`,
    )
  const leakPct = (100 * (pRegKpa - pCylKpa)) / pRegKpa
  if (pCylKpa === 0) return { leakPct, areaMm2: null, holeMm: null, status: 'beyond_scale' as const }
  const p1 = pRegKpa + pAmbKpa
  const p2 = pCylKpa + pAmbKpa
  const areaMm2 = ((Math.PI / 4) * orificeMm ** 2 * p1 * flowFunction(p2 / p1)) / (p2 * flowFunction(pAmbKpa / p2))
  return { leakPct, areaMm2, holeMm: Math.sqrt((4 * areaMm2) / Math.PI), status: 'ok' as const }
}

/** What another tester would show for the same leak: the balance solved for the cylinder's pressure. */
export function leakdownPercentFor({
  areaMm2,
  pRegKpa,
  orificeMm,
  pAmbKpa,
}: {
  areaMm2: number
  pRegKpa: number
  orificeMm: number
  pAmbKpa: number
}): { leakPct: number } {
  if (areaMm2 === 0) return { leakPct: 0 }
  const p1 = pRegKpa + pAmbKpa
  const orifice = (Math.PI / 4) * orificeMm ** 2
  let [low, high] = [pAmbKpa, p1]
  for (let i = 0; i < 200 && high - low > 1e-13 * p1; i++) {
    const p2 = (low + high) / 2
    if (orifice * p1 * flowFunction(p2 / p1) > areaMm2 * p2 * flowFunction(pAmbKpa / p2)) low = p2
    else high = p2
  }
  return { leakPct: (100 * (pRegKpa - ((low + high) / 2 - pAmbKpa))) / pRegKpa }
}

export const LEAK_CLASSES = ['liquid_4s', 'air_4s', 'two_stroke', 'diesel'] as const
export type LeakClass = (typeof LEAK_CLASSES)[number]

/** Per cent up to which a cylinder is good, fair, worn. General workshop-manual practice, rule of thumb; warm, at top dead centre. */
export const LEAK_LIMITS: Record<LeakClass, [number, number, number]> = {
  liquid_4s: [10, 20, 30],
  air_4s: [15, 25, 40],
  two_stroke: [10, 20, 30],
  diesel: [10, 15, 25],
}

export function leakdownClass({ leakPct, engineClass }: { leakPct: number; engineClass: LeakClass }): {
  state: 'good' | 'fair' | 'worn' | 'bad'
} {
  const [good, fair, worn] = LEAK_LIMITS[engineClass]
  return {
    state: leakPct <= good + TIE ? 'good' : leakPct <= fair + TIE ? 'fair' : leakPct <= worn + TIE ? 'worn' : 'bad',
  }
}

const BOTH: Record<string, string> = {
  coolant_bubbles: 'head_gasket_or_crack',
  next_cylinder: 'head_gasket_between',
  head_joint: 'head_gasket_or_loose_head',
  plug_thread: 'plug_seal',
}
/** Where air is heard, and what that points at, by strokes. */
export const LEAK_PATHS: Record<2 | 4, Record<string, string>> = {
  4: {
    intake: 'intake_valve',
    exhaust: 'exhaust_valve',
    breather: 'rings_bore_piston',
    oil_filler: 'rings_bore_piston',
    ...BOTH,
  },
  2: {
    intake: 'rings_bore_piston',
    exhaust: 'rings_bore_piston',
    crankcase: 'rings_bore_piston',
    base_joint: 'base_gasket_after_rings',
    ...BOTH,
  },
}

/**
 * What the places where air is heard point at, in the order heard, each once.
 * @throws InputError `bad_choice` for a place that this kind of engine does not have
 */
export function leakPath({ heard, strokes }: { heard: string[]; strokes: 2 | 4 }): { paths: string[] } {
  const known = LEAK_PATHS[strokes]
  const paths = heard.map((place, i) => {
    const path = Object.hasOwn(known, place) ? known[place] : undefined
    if (!path)
      throw new InputError(
        'bad_choice',
        `heard[${i}]`,
        `“${place}” is not a place on a ${strokes}-stroke; choose from ${Object.keys(known).join(', ')}.`,
      )
    return path
  })
  return { paths: [...new Set(paths)] }
}
