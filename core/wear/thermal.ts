import { TIE } from '../errors'

/** Growth a degree, 1/K. Common engineering tables. */
export const EXPANSION = {
  grey_iron: 10.5e-6,
  steel: 11.5e-6,
  aluminium: 22e-6,
  piston_al_si: 19.5e-6,
  bronze: 18e-6,
} as const
export type Material = keyof typeof EXPANSION

/** A size at temperature, mm, from its size at 20 °C. */
export function thermalSize({ size20Mm, tempC, material }: { size20Mm: number; tempC: number; material: Material }): {
  sizeMm: number
} {
  return { sizeMm: size20Mm * (1 + EXPANSION[material] * (tempC - 20)) }
}

/** An oval skirt gives way by this share of the bore. Rule of thumb, shop judgement. */
export const SKIRT_FLEX = 0.0006

export interface HotClearance {
  bore20Mm: number
  piston20Mm: number
  boreTempC: number
  pistonTempC: number
  boreMaterial: Material
  pistonMaterial: Material
}

/** Clearance of a running piston at its measuring height, mm. The danger is a hot piston in a barrel that is still cold. */
export function hotClearance({
  bore20Mm,
  piston20Mm,
  boreTempC,
  pistonTempC,
  boreMaterial,
  pistonMaterial,
}: HotClearance) {
  const hotMm =
    thermalSize({ size20Mm: bore20Mm, tempC: boreTempC, material: boreMaterial }).sizeMm -
    thermalSize({ size20Mm: piston20Mm, tempC: pistonTempC, material: pistonMaterial }).sizeMm
  const state =
    hotMm >= -TIE
      ? ('clear' as const)
      : hotMm >= -SKIRT_FLEX * bore20Mm - TIE
        ? ('skirt_flex' as const)
        : ('seizure_risk' as const)
  return { coldMm: bore20Mm - piston20Mm, hotMm, state }
}
