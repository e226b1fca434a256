import type { KeyOf } from '../words/keys'
import { TOP_SIZES } from './items/top'
import { BOTTOM_SIZES } from './items/bottom'
import { VALVES_SIZES } from './items/valves'
import { OIL_SIZES } from './items/oil'
import { REST_SIZES } from './items/rest'
import type { MeasurePlan } from './measurePlan'

/** What is measured beside the bore. Limits: the sheet's first, the class rule of thumb after. Ranges of general workshop practice. */
export const MEASURES = {
  ...TOP_SIZES,
  ...BOTTOM_SIZES,
  ...VALVES_SIZES,
  ...OIL_SIZES,
  ...REST_SIZES,
} as const satisfies Record<string, MeasurePlan>
/** Where on the engine a size is taken. */
export const MEASURE_GROUPS = {
  top: 'Top end',
  bottom: 'Bottom end',
  valves: 'Valves',
  oil: 'Oil',
  rest: 'Spark and drive',
} as const

export type MeasureGroup = keyof typeof MEASURE_GROUPS

const GROUP_ITEMS: Record<MeasureGroup, Record<string, MeasurePlan>> = {
  top: TOP_SIZES,
  bottom: BOTTOM_SIZES,
  valves: VALVES_SIZES,
  oil: OIL_SIZES,
  rest: REST_SIZES,
}

/** The part of the engine that a size belongs to. */
export const groupOf = (item: MeasureItem): MeasureGroup =>
  (Object.keys(GROUP_ITEMS) as MeasureGroup[]).find(g => Object.hasOwn(GROUP_ITEMS[g], item)) ?? 'rest'

export type MeasureItem = KeyOf<typeof MEASURES>

export const MEASURE_PLANS: Record<MeasureItem, MeasurePlan> = MEASURES
