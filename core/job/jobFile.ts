import type { ShopCounts } from '../diagnosis/diagnose'
import type { FillTable } from '../oil/fillMarks'
import type { SpecValue } from '../spec/specValue'
import type { Entry } from './entries'
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
  KeyOf,
  MachineKind,
  OILING,
  OIL_FILTER,
  OIL_SHOWS,
  RELEASE,
  UseClass,
  VALVES,
} from './vocabulary'

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

export type LeadRule = 'net_value' | 'cost_per_hour' | 'share_of_value'

export interface ShopPolicy {
  shopName: string
  shopAddress: string
  /** ISO 4217 */
  currency: string
  labourRateMinor: number
  taxPct: number
  altitudeM: number
  pressureUnit: 'bar' | 'psi' | 'kPa'
  volumeUnit: 'mL' | 'L' | 'US_floz'
  /** which sum picks the recommended option */
  leadRule: LeadRule
  /** most of the running value that mending may cost, %, by use */
  sharePct: Record<UseClass, number>
  /** that share again, by what the bore is made of and by class of engine: 100 leaves it as it is, % */
  shareBore: Record<KeyOf<typeof BORE>, number>
  shareClass: Record<EngineClass, number>
  /** where oil is filled to */
  fillAim: 'low' | 'middle' | 'top'
  /** what is done with a surplus of sound, known oil */
  surplusRule: 'surplus_only' | 'change_all'
  /** hours that a stand test after fuel in the oil must last */
  standHours: number
  /** labour lines run low or high together */
  labourTogether: boolean
  /** share of the owner's cap at which the bench is warned, % */
  warnPct: number
  /** days after which a price is stale */
  priceDays: number
  /** least that a job is charged, and the step that a quote is rounded to; smallest money unit */
  minChargeMinor: number
  roundToMinor: number
}

/** Everything that a judgement is made from. */
export interface JobFile {
  machineKind: MachineKind
  facts: EngineFacts
  spec: SpecValue[]
  /** what was poured in and where it showed; null when nobody has taken it yet */
  fill: FillTable | null
  entries: Entry[]
  /** earlier visits of this machine, oldest first, with the entries that stand */
  history: Visit[]
  policy: ShopPolicy
  /** what this shop's closed jobs on this class of engine really were */
  counts: ShopCounts | null
}

export interface Visit {
  number: number
  at: string
  entries: Entry[]
}

/** Starting policy of a shop that has set nothing, each with its reason in docs/how-it-judges.md. */
export const DEFAULT_POLICY: ShopPolicy = {
  shopName: '',
  shopAddress: '',
  currency: 'EUR',
  labourRateMinor: 6000,
  taxPct: 0,
  altitudeM: 0,
  pressureUnit: 'bar',
  volumeUnit: 'mL',
  leadRule: 'net_value',
  sharePct: { private: 50, working: 60, hire: 60, race: 80, resale: 40, toy: 35, child: 50 },
  shareBore: { bare: 100, iron: 100, plated: 100, unknown: 100 },
  shareClass: { H2: 100, V2: 100, S4: 100, M4: 100, T4: 100, D4: 100 },
  fillAim: 'top',
  surplusRule: 'surplus_only',
  standHours: 12,
  labourTogether: false,
  warnPct: 90,
  priceDays: 30,
  minChargeMinor: 0,
  roundToMinor: 1,
}
