const GAMMA = 1.4
/** Gas constant of air, J/(kg·K). */
export const AIR_R = 287.05
const CRITICAL_RATIO = (2 / (GAMMA + 1)) ** (GAMMA / (GAMMA - 1))
const CHOKED = Math.sqrt(GAMMA) * (2 / (GAMMA + 1)) ** ((GAMMA + 1) / (2 * (GAMMA - 1)))

/** Isentropic flow function ψ of the absolute pressure ratio downstream over upstream. Physics, γ = 1.4. */
export function flowFunction(ratio: number): number {
  if (ratio >= 1) return 0
  if (ratio <= CRITICAL_RATIO) return CHOKED
  return Math.sqrt(((2 * GAMMA) / (GAMMA - 1)) * (ratio ** (2 / GAMMA) - ratio ** ((GAMMA + 1) / GAMMA)))
}
