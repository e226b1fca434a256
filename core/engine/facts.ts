import type {
  BEARINGS,
  BORE,
  CLUTCH,
  COOLING,
  CYCLES,
  DRAIN_PLUG,
  EngineClass,
  FOLLOWERS,
  FUEL_FEED,
  GOVERNOR,
  HEAD,
  IGNITION,
  OILING,
  OIL_FILTER,
  OIL_SHOWS,
  RELEASE,
  VALVES,
} from './words'
import type { KeyOf } from '../words/keys'

/** Facts of an engine that change what a finding means. `unknown` is always an answer. */
export interface EngineFacts {
  engineClass: EngineClass
  cycle: KeyOf<typeof CYCLES>
  displacementCc: number | null
  cylinders: number
  oiling: KeyOf<typeof OILING>
  oilShows: KeyOf<typeof OIL_SHOWS>
  release: KeyOf<typeof RELEASE>
  bore: KeyOf<typeof BORE>
  fuelFeed: KeyOf<typeof FUEL_FEED>
  cooling: KeyOf<typeof COOLING>
  clutch: KeyOf<typeof CLUTCH>
  followers: KeyOf<typeof FOLLOWERS>
  bearings: KeyOf<typeof BEARINGS>
  head: KeyOf<typeof HEAD>
  valves: KeyOf<typeof VALVES>
  ignition: KeyOf<typeof IGNITION>
  drainPlug: KeyOf<typeof DRAIN_PLUG>
  governor: KeyOf<typeof GOVERNOR>
  oilFilter: KeyOf<typeof OIL_FILTER>
  /** the maker's fuel-to-oil ratio for a two-stroke, 50 for 50:1 */
  mixRatio: number | null
}

/** Facts that nobody has been asked yet. */
export const UNASKED = {
  clutch: 'unknown',
  followers: 'unknown',
  bearings: 'unknown',
  head: 'unknown',
  valves: 'unknown',
  ignition: 'unknown',
  drainPlug: 'unknown',
  governor: 'unknown',
  oilFilter: 'unknown',
} as const satisfies Partial<EngineFacts>
