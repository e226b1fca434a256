import type { Sheet } from '../measure/against'
import type { SpecLookup } from '../spec/specValue'
import { specFor } from '../spec/specValue'

/** How often the oil is changed, by each of the three that count; undefined where nothing is known. */
export interface OilIntervals {
  hours: SpecLookup | undefined
  km: SpecLookup | undefined
  months: SpecLookup | undefined
  /** false: the maker counts km, and hours of a rule of thumb say nothing beside that */
  hoursSay: boolean
}

/** The sheet's intervals of an oil change, else the rule of thumb. */
export function oilIntervals({ spec, facts }: Sheet): OilIntervals {
  const look = (item: 'oil_change' | 'oil_change_km' | 'oil_change_months'): SpecLookup | undefined =>
    specFor(item, spec, facts.engineClass, facts.displacementCc)
  const [hours, km, months] = [look('oil_change'), look('oil_change_km'), look('oil_change_months')]
  return { hours, km, months, hoursSay: !(km && hours?.source === 'rule_of_thumb') }
}
