import type { EngineFacts } from '../engine/facts'
import type { KeyOf } from '../words/keys'
import type { MeasureItem } from '../measure/items'

export const PART_GROUPS = {
  top: 'Top end',
  valves: 'Valves and cam',
  bottom: 'Bottom end',
  oil: 'Oil',
  fuel: 'Fuel and air',
  cooling: 'Cooling',
  spark: 'Spark and starting',
  drive: 'Drive',
} as const

export type PartGroup = KeyOf<typeof PART_GROUPS>

/** What becomes of a part. */
export const DISPOSITIONS = {
  reuse: 'Use again',
  clean: 'Clean',
  machine: 'Machine',
  replace: 'Replace',
  unknown: "Don't know yet",
  not_here: 'Not here',
} as const

/** How a part stands as to oil: the oil map is drawn from it. */
export const OIL_STATES = {
  sound: 'Oiled, sound',
  dry: 'Dry',
  hurt: 'Hurt by want of oil',
  not_looked: 'Not looked at',
} as const

export interface PartPlan {
  name: string
  group: PartGroup
  /** what to look for, each a finding of its own when it is there */
  look: Record<string, string>
  /** used again on a look or a feel alone, it asks for one of these figures */
  asks?: readonly (MeasureItem | 'bore')[]
  fits(facts: EngineFacts): boolean
  /** there is one for each cylinder */
  each?: true
  /** which way round it goes, or goes back */
  orientation?: string
}
