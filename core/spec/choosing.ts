import type { ShopPolicy } from '../engine/policy'
import { schoolOf } from '../engine/schools'
import { SPEC_ITEMS } from './specItems'
import type { SpecValue } from './specValue'
import { specFor } from './specValue'

/** Why a figure can't be chosen among several so: the figure it is about, by its place in the list, and what would be right. */
export interface ChoiceFault {
  at: number
  field: 'chosen' | 'chosenWhy'
  message: string
}

const same = (a: SpecValue, b: SpecValue): boolean =>
  a.item === b.item && a.value === b.value && a.unit === b.unit && a.source === b.source

/**
 * Choosing one of two figures that disagree asks a reason, and a senior where the shop holds it so: the one that fits is not the one that is right.
 * What was chosen before stays as it is.
 * @param senior whoever chooses is marked as senior
 */
export function choiceFault(
  values: readonly SpecValue[],
  before: readonly SpecValue[],
  policy: Pick<ShopPolicy, 'schools'>,
  senior: boolean,
): ChoiceFault | null {
  for (const [at, v] of values.entries()) {
    if (!v.chosen || before.some(b => b.chosen && same(b, v))) continue
    if (!specFor(v.item, [...values], 'S4', null)?.conflict) continue
    const { label } = SPEC_ITEMS[v.item]
    if (!v.chosenWhy)
      return {
        at,
        field: 'chosenWhy',
        message: `${label}: two sources disagree. Say why this one is used, or ask a second authority first.`,
      }
    if (schoolOf(policy, 'spec_conflict') === 'senior' && !senior)
      return {
        at,
        field: 'chosen',
        message: `${label}: two sources disagree, and in this shop a senior decides which one is used.`,
      }
  }
  return null
}
