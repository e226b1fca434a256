import { TIE } from '../errors'
import { clamp } from '../units/clamp'
import type { DebrisAmount, DebrisMaterial, DebrisState } from './debrisTables'
import {
  AMOUNT_WEIGHT,
  BREAK_IN_LARGEST_UM,
  BREAK_IN_MATERIALS,
  DEBRIS_LIMITS,
  DEBRIS_SOURCES,
  MATERIAL_WEIGHT,
} from './debrisTables'

export interface DebrisItem {
  material: DebrisMaterial
  amount: DebrisAmount
  largestUm: number | null
}
export interface DebrisInput {
  items: DebrisItem[]
  hoursSinceOil: number
  intervalH: number
  hoursSinceRebuild: number | null
  breakInH: number
}

/**
 * One figure, 0..100, for what the oil brought out. Independent warnings add up without passing 100.
 * Weights and limits are a rule of thumb (shop judgement); see debrisTables.
 * @param hoursSinceOil      running hours on this oil: the same dirt sooner is worse
 * @param hoursSinceRebuild  null when unknown: then no allowance is made for breaking in
 * @returns sources of the gravest item, empty when nothing was found
 */
export function debrisScore({ items, hoursSinceOil, intervalH, hoursSinceRebuild, breakInH }: DebrisInput) {
  const haste = clamp(Math.sqrt(intervalH / Math.max(hoursSinceOil, 1)), 0.7, 1.5)
  const itemScores = items.map(({ material, amount, largestUm }) => {
    // an emulsion has no pieces to be measured: a size given with it changes nothing
    const size =
      largestUm === null || material === 'emulsion'
        ? 1
        : clamp(0.3 + (0.7 * Math.log10(largestUm / 30)) / Math.log10(1000 / 30), 0.3, 1)
    const beddingIn =
      hoursSinceRebuild !== null &&
      BREAK_IN_MATERIALS.has(material) &&
      largestUm !== null &&
      largestUm < BREAK_IN_LARGEST_UM
    const allowance = beddingIn ? 0.4 + 0.6 * Math.min(1, hoursSinceRebuild / breakInH) : 1
    return 100 * Math.min(1, MATERIAL_WEIGHT[material] * AMOUNT_WEIGHT[amount] * size * haste * allowance)
  })
  const score = 100 * (1 - itemScores.reduce((left, s) => left * (1 - s / 100), 1))
  const gravest = Math.max(0, ...itemScores)
  const worst = gravest > 0 ? items[itemScores.findIndex(s => s >= gravest - TIE)] : undefined
  return { score, state: stateOf(score, items), itemScores, sources: worst ? DEBRIS_SOURCES[worst.material] : [] }
}

const ORDER: DebrisState[] = ['normal', 'watch', 'investigate', 'stop']

/** Some materials are never normal, however little there is. */
function stateOf(score: number, items: DebrisItem[]): DebrisState {
  const { watch, investigate, stop } = DEBRIS_LIMITS
  const byScore = score < watch - TIE ? 0 : score < investigate - TIE ? 1 : score < stop - TIE ? 2 : 3
  const floors = items.map(({ material, amount }) => {
    if (amount === 'none') return 0
    if (material === 'bearing_flake' || material === 'babbitt' || material === 'iron_chips')
      return amount === 'trace' ? 1 : 2
    return material === 'iron_paste' && amount === 'mass' ? 1 : 0
  })
  return ORDER[Math.max(byScore, ...floors)] ?? 'stop'
}
