import type { DebrisItem } from '../debris/debrisScore'
import type { MeasureItem } from '../measure/items'
import type { Tool } from '../measure/tools'
import type { PartKey } from '../teardown/parts'
import type { DISPOSITIONS, OIL_STATES } from '../teardown/partPlan'
import type { FuelType } from '../mix/fuelAge'
import type { Cure } from '../oil/fuelPath'
import type {
  AGREED_HOW,
  CALL_RESULTS,
  ORDER_STATES,
  OUTWORK_VERDICTS,
  OWNER_CHOICES,
  QUOTE_STAGES,
  FIT_ITEMS,
  FIT_STATES,
  REST_ITEMS,
  REST_STATES,
  LineType,
  PRICE_KINDS,
  WAITING_FOR,
  Way,
} from '../words/deciding'
import type {
  AS_FOUND,
  BORE_WHEN,
  CROSS_HATCH,
  LASH_STATES,
  LEAK_SEEN,
  MEASURED_WHEN,
  ORIGINS,
  PART_ROLES,
  PROOFS,
  ROCKERS,
  STUCK_METHODS,
  THEORY_STATES,
  VALVE_NAMES,
} from '../words/opened'
import type {
  BREATHER_STATES,
  COMPRESSION_FEELS,
  DEBRIS_PLACES,
  FILTER_STATES,
  HeardPlace,
  LEAK_LOOKS,
  LEAK_SITES,
  LEAK_STATES,
  LOCK_RESULTS,
  LOCK_STEPS,
  OIL_COLOURS,
  OIL_GLITTER,
  OIL_KINDS,
  OIL_SMELLS,
  OIL_THICKNESS,
  PLUG_STATES,
  RATED,
  RELEASE_STATES,
  SAFE_STEPS,
  SMOKE_AFTER,
  SMOKE_COLOURS,
  SMOKE_MOMENTS,
  SMOKE_SMELLS,
  TEMPERATURES,
  TURN_FEELS,
  TURN_METHODS,
  WHERE_GONE,
} from '../words/looks'
import type {
  CLAIM_STATES,
  COMPLAINT_KINDS,
  EARLIER_HANDS,
  EVENTS,
  METER_SOURCES,
  METER_UNITS,
  MODIFICATIONS,
  MODIFICATION_STATES,
  OUTSIDE_CLUES,
} from '../words/counter'
import type { HowGot, Stage } from '../log/words'
import type { KeyOf } from '../words/keys'
import type { UseClass } from '../engine/words'

/** A figure as it was read: never only as converted. */
export interface Quantity {
  value: number
  unit: string
}

export interface ComplaintBody {
  words: string
  since: string | null
  about: KeyOf<typeof COMPLAINT_KINDS> | null
}
/** `topic` names the guided question that it answers. */
export interface ClaimBody {
  text: string
  howKnown: string | null
  topic: string | null
}
/** How long it has run: read, claimed, or worked out from how it is used. */
export interface MeterBody {
  reading: number | null
  unit: KeyOf<typeof METER_UNITS>
  source: KeyOf<typeof METER_SOURCES>
  pattern: UsePattern | null
}
export interface UsePattern {
  hoursPerDay: number
  daysPerWeek: number
  months: number
}
export interface ModificationBody {
  what: KeyOf<typeof MODIFICATIONS>
  text: string | null
  why: string | null
  state: KeyOf<typeof MODIFICATION_STATES>
}
/** A machine that arrives in pieces: what is in the box and what is not. */
export interface InventoryBody {
  here: string[]
  missing: string[]
  from: string | null
}
export interface CluesBody {
  outside: KeyOf<typeof OUTSIDE_CLUES>[]
  hands: KeyOf<typeof EARLIER_HANDS>[]
  /** of the machine, as far as anybody knows */ ageYears: number | null
  note: string | null
}
export interface SmokeBody {
  colour: KeyOf<typeof SMOKE_COLOURS>
  moment: KeyOf<typeof SMOKE_MOMENTS> | null
  after: KeyOf<typeof SMOKE_AFTER> | null
  smell: KeyOf<typeof SMOKE_SMELLS> | null
  note: string | null
}
export interface LeaksBody {
  look: KeyOf<typeof LEAK_LOOKS>
  sites: LeakSite[]
  note: string | null
}
export interface LeakSite {
  site: KeyOf<typeof LEAK_SITES>
  state: KeyOf<typeof LEAK_STATES>
}
/** Clearance at the valves; `as_found` is written down before anything is turned. */
export interface LashBody {
  state: KeyOf<typeof LASH_STATES>
  inlet: Quantity | null
  exhaust: Quantity | null
  rockers: KeyOf<typeof ROCKERS>
  note: string | null
}
export interface LockStepBody {
  step: KeyOf<typeof LOCK_STEPS>
  result: KeyOf<typeof LOCK_RESULTS>
  note: string | null
}
/** One measurement, in the unit of the tool. */
export interface MeasureBody {
  item: MeasureItem
  reads: Quantity[]
  tool: Tool
  /** cylinder, valve or side */ place: string | null
  /** before or after it was worked on */ when: KeyOf<typeof MEASURED_WHEN>
  /** sizes that are sold or at hand, mm */ soldMm: number[]
  note: string | null
}
/** Bore readings top to bottom, along the crank and across it; before and after honing are kept apart. */
export interface BoreBody {
  nominal: Quantity
  unit: 'mm' | 'in'
  rows: [along: number, across: number][]
  piston: Quantity | null
  tool: Tool
  when: KeyOf<typeof BORE_WHEN>
  /** temperature of the barrel; null when it is taken as 20 °C */
  partC: number | null
  /** oversizes that are sold for it, mm */
  sizesMm: number[]
  holdCentre: boolean
  crossHatch: KeyOf<typeof CROSS_HATCH>
  note: string | null
}
/** Solvent in the port of one valve. */
export interface ValveLeakBody {
  valve: KeyOf<typeof VALVE_NAMES>
  when: KeyOf<typeof MEASURED_WHEN>
  look: KeyOf<typeof LEAK_SEEN>
  dropsPerMin: number | null
  place: string | null
  note: string | null
}
/** A part as it was found and what becomes of it. */
export interface PartBody {
  part: PartKey
  disposition: KeyOf<typeof DISPOSITIONS>
  /** what was seen on it, by the words of the catalogue of parts */
  seen: string[]
  oil: KeyOf<typeof OIL_STATES>
  role: KeyOf<typeof PART_ROLES>
  reason: string | null
  /** which way round it was */
  orientation: string | null
  /** noticed and not followed up */
  owed: string | null
  /** cylinder or side, where there is more than one of it */
  place: string | null
}
/** An oil pump driven by a drill, oil caught in a can; a sound pump in the same rig is its control. */
export interface PumpRigBody {
  drillRpm: number
  /** turns of the pump to one of the engine */ ratio: number
  amount: Quantity
  seconds: number
  control: Quantity | null
  pressure: Quantity | null
  oilC: number | null
  note: string | null
}
/** How something lay before it was disturbed: locked once its cover came off. */
export interface AsFoundBody {
  cover: string
  about: KeyOf<typeof AS_FOUND>
  words: string
}
/** The fasteners of one cover or joint: what came out must go in again; what was stuck is worth its minutes next time. */
export interface FastenersBody {
  cover: string
  /** size, length or shoulder, thread; where each sits */
  what: string
  tool: string | null
  out: number
  /** null until it goes together again */
  back: number | null
  stuck: KeyOf<typeof STUCK_METHODS>[]
  minutes: number | null
  broke: string | null
}
/** A part that went in, with the batch it came from. */
export interface FittedBody {
  what: string
  batch: string | null
  from: string | null
  origin: KeyOf<typeof ORIGINS>
}
/** A batch of parts that is proved bad: kept off the shelf, and the other machines carrying it are named. */
export interface BadBatchBody {
  what: string
  batch: string
  proof: string
}
/** Oil poured in over a time of running, by the owner's book or the shop's. */
/** A theory with what would settle it, so that a trial shows what it can and no more. */
export interface TheoryBody {
  statement: string
  /** a cause of the catalogue, where it is one */ causeId: string | null
  proves: string | null
  disproves: string | null
  trial: string | null
  limits: string | null
  state: KeyOf<typeof THEORY_STATES>
}
/** What it really was: a cause of the catalogue, or words of one's own. */
export interface CauseFoundBody {
  causeId: string | null
  text: string | null
  proof: KeyOf<typeof PROOFS>
  missing: string | null
  /** from the first cause down to the complaint */ chain: string[]
}
/** A stop that a named person takes on. */
export interface SignOffBody {
  stopId: string
  reason: string
}
/** A check of the catalogue: what it showed and what it did not; or why it is left out. */
export interface CheckBody {
  check: string
  found: string[]
  absent: string[]
  skipped: string | null
  note: string | null
}
export interface OilUseBody {
  topped: Quantity
  over: number
  unit: 'h' | 'km'
  perWeek: number | null
  note: string | null
}
/** The oil on the shelf or in the engine, against what the engine asks. */
export interface OilKindBody {
  what: KeyOf<typeof OIL_KINDS>
  grade: string | null
  wetClutch: KeyOf<typeof RATED>
  antiWear: KeyOf<typeof RATED>
  reason: string | null
}
/** All of the oil changed; `atHours` where it was not on the day of this visit. */
export interface OilChangeBody {
  amount: Quantity | null
  oil: string | null
  filter: boolean
  atHours: number | null
}
export interface EventBody {
  what: KeyOf<typeof EVENTS>
  when: string | null
  note: string | null
}
/** Foreign matter or a missing fragment: kept, and open until it is explained. */
export interface EvidenceBody {
  what: string
  where: string
  missing: boolean
  explained: string | null
}
export interface PhotoBody {
  photoId: string
  caption: string | null
  /** the part it shows, with its place: `rod` or `piston:2` */ about: string | null
  width: number
  height: number
}
/** Work that the owner did not want, and what it risks. */
export interface RefusedBody {
  what: string
  risk: string
  by: string | null
}
/** What the bench found of a claim; the claim itself stays as it was said. */
export interface ClaimCheckBody {
  claimId: string
  state: KeyOf<typeof CLAIM_STATES>
}
export interface TermsBody {
  useClass: UseClass
  /** money in the currency's smallest unit */
  runningValueMinor: number | null
  asIsValueMinor: number | null
  capMinor: number | null
  deadline: string | null
  /** what a day without it costs a working machine's owner */
  dayLossMinor: number | null
  /** the shop's own machine, bought for this; null for a customer's */
  boughtMinor: number | null
  /** own time costs nothing, on the shop's own machine */
  ownTimeFree: boolean
}

export type OilReading =
  /** 0 at the low mark, 100 at the full mark */
  | { by: 'marks'; pct: number }
  | { by: 'dry' }
  /** as the fill table of this engine reads: mm of stick, or mm down from the rim */
  | { by: 'scale'; mm: number }
  | { by: 'volume'; amount: Quantity }
export interface OilBody {
  reading: OilReading
  colour: KeyOf<typeof OIL_COLOURS> | null
  thickness: KeyOf<typeof OIL_THICKNESS> | null
  smell: KeyOf<typeof OIL_SMELLS> | null
  glitter: KeyOf<typeof OIL_GLITTER> | null
  whereGone: KeyOf<typeof WHERE_GONE> | null
  note: string | null
}
/** The can that a two-stroke was fed from. */
export interface MixBody {
  fuel: Quantity
  oil: Quantity
  makerRatio: number
  fuelType: FuelType | null
  fuelDays: number | null
  stabilised: boolean
  note: string | null
}
export interface TurnOverBody {
  feel: KeyOf<typeof TURN_FEELS>
  method: KeyOf<typeof TURN_METHODS>
  plugIn: boolean
  note: string | null
}
export interface PlugBody {
  state: KeyOf<typeof PLUG_STATES>
  note: string | null
}
export interface AirFilterBody {
  filter: KeyOf<typeof FILTER_STATES>
  breather: KeyOf<typeof BREATHER_STATES> | null
  note: string | null
}
/** Oil let out or put in. */
export interface FluidBody {
  action: 'drained' | 'filled'
  amount: Quantity
  what: string | null
}
/** The way that fuel came into the oil, and what was done about it. */
export interface CureBody {
  path: Cure
  text: string | null
}
/** Fuel on, standing over dry paper; ended by a correction that says what was seen. */
export interface StandTestBody {
  startedAt: string
  endedAt: string | null
  seen: 'none' | 'damp' | 'liquid' | null
  minimumHours: number
}
/** What was made safe before turning, tipping or opening: every step, or none once something was connected again. */
export interface MadeSafeBody {
  done: KeyOf<typeof SAFE_STEPS>[]
}
export interface CompressionBody {
  feel: KeyOf<typeof COMPRESSION_FEELS> | null
  dry: Quantity | null
  wet: Quantity | null
  throttleOpen: boolean
  pulls: number | null
  temperature: KeyOf<typeof TEMPERATURES>
  release: KeyOf<typeof RELEASE_STATES>
  /** volume of hose and adapter before the check valve, mL */
  hoseMl: number | null
  /** where it was read, when not at the shop's own height */
  altitudeM: number | null
  note: string | null
}
/** Air in at top dead centre through an orifice. */
export interface LeakDownBody {
  regulator: Quantity
  cylinder: Quantity
  orificeMm: number
  heard: HeardPlace[]
  note: string | null
}
/** A two-stroke crankcase under pressure, or vacuum as a negative figure. */
export interface CrankcaseBody {
  start: Quantity
  end: Quantity
  seconds: number
  note: string | null
}
/** What a magnet does with it, where somebody tried. */
export type MagnetItem = DebrisItem & { magnet?: 'takes' | 'leaves' | null }
export interface DebrisBody {
  place: KeyOf<typeof DEBRIS_PLACES>
  items: MagnetItem[]
  hoursSinceOil: number | null
  hoursSinceRebuild: number | null
  /** beside a sound engine or an unused filter */
  control: 'none' | 'same' | 'more' | 'less'
  note: string | null
}
export interface EstimateLine {
  id: string
  type: LineType
  text: string
  why: string | null
  /** hours for labour and risk, smallest money unit for the rest */
  low: number
  likely: number
  high: number
  /** chance that it is needed, or that it sells */
  chance: number
  priceKind: KeyOf<typeof PRICE_KINDS> | null
  /** this line cures the first cause, not only what it did */
  cures: boolean
  /** who the price is from */
  source: string | null
  /** day of the price, ISO date */
  pricedOn: string | null
  /** minutes to find out whether it is needed, where that is not sure */
  lookMin: number | null
  /** the parts that it renews or repairs, with their places: `crank`, `piston:cylinder 2`; none of them: empty; absent where nobody was asked */
  parts?: string[]
}
/** The rest of the machine, place by place. */
export type RestCheckBody = Record<KeyOf<typeof REST_ITEMS>, KeyOf<typeof REST_STATES>> & { note: string | null }
/** Another engine held against this frame. */
export type FitCheckBody = Record<KeyOf<typeof FIT_ITEMS>, KeyOf<typeof FIT_STATES>> & {
  engine: string
  note: string | null
}
/** Time and money put into a job; a clock that still runs has no end yet. */
export interface SpendBody {
  what: string
  startedAt: string | null
  endedAt: string | null
  minutes: number | null
  costMinor: number | null
}
/** A part asked for or ordered of one supplier; `what` is the line's own words. */
export interface OrderBody {
  what: string
  number: string | null
  supplier: string
  priceMinor: number | null
  state: KeyOf<typeof ORDER_STATES>
  orderedOn: string
  dueOn: string | null
  note: string | null
}
/** Work that another shop does, to a figure that is measured when it comes back. */
export interface OutworkBody {
  what: string
  shop: string
  target: string
  sentOn: string | null
  dueOn: string | null
  /** days it takes, where no day is known yet */ days: number | null
  priceMinor: number | null
  returnedOn: string | null
  measured: Quantity | null
  verdict: KeyOf<typeof OUTWORK_VERDICTS>
  note: string | null
}
/** The owner was asked by a link; what was shown is kept with the quote. */
export interface QuoteSentBody {
  quoteId: string
  stage: KeyOf<typeof QUOTE_STAGES>
  expiresAt: string
  words: string | null
}
/** What the owner said by the link. `held`: why the agreement waits for the shop. */
export interface OwnerWordBody {
  quoteId: string
  choice: KeyOf<typeof OWNER_CHOICES>
  option: string | null
  fee: number | null
  words: string | null
  name: string
  held: string | null
}
/** A call to the owner about money, whether or not anybody answered. */
export interface OwnerCallBody {
  result: KeyOf<typeof CALL_RESULTS>
  answer: string | null
  capMinor: number | null
}
export interface OptionBody {
  name: string
  way: Way
  lines: EstimateLine[]
  valueAfterMinor: number | null
  successChance: number
  comebackMinor: number
  hoursOk: number
  hoursFail: number
  /** days that the machine stands; what a day costs its owner is in the terms */
  daysDown: number
  ruledOut: string | null
}
/** What the owner agreed to, as it stood on the screen at that moment; money in major units. */
export interface FrozenOption {
  name: string
  way: Way
  lines: EstimateLine[]
  currency: string
  labourRateMinor: number
  taxPct: number
  mean: number
  p10: number
  p50: number
  p90: number
  reasons: string[]
}
export interface ApprovalBody {
  optionEntryId: string
  frozen: FrozenOption
  agreedBy: string
  how: KeyOf<typeof AGREED_HOW>
  conditions: string | null
}
export interface WaitingBody {
  for: KeyOf<typeof WAITING_FOR>
  what: string | null
}
export interface StageBody {
  stage: Stage
  state: 'done' | 'skipped' | 'open'
  reason: string | null
}
export interface NoteBody {
  stage: Stage
  text: string
}
export interface HandBackBody {
  to: string
  words: string | null
}
export interface VoidBody {
  reason: string
}

export interface BodyOf {
  complaint: ComplaintBody
  claim: ClaimBody
  claim_check: ClaimCheckBody
  terms: TermsBody
  meter: MeterBody
  modification: ModificationBody
  inventory: InventoryBody
  event: EventBody
  clues: CluesBody
  smoke: SmokeBody
  leaks: LeaksBody
  lash: LashBody
  lock_step: LockStepBody
  oil_use: OilUseBody
  oil_kind: OilKindBody
  oil_change: OilChangeBody
  measure: MeasureBody
  bore: BoreBody
  valve_leak: ValveLeakBody
  pump_rig: PumpRigBody
  part: PartBody
  as_found: AsFoundBody
  fasteners: FastenersBody
  fitted: FittedBody
  bad_batch: BadBatchBody
  check: CheckBody
  theory: TheoryBody
  cause_found: CauseFoundBody
  sign_off: SignOffBody
  evidence: EvidenceBody
  photo: PhotoBody
  refused: RefusedBody
  oil: OilBody
  mix: MixBody
  turn_over: TurnOverBody
  plug: PlugBody
  air_filter: AirFilterBody
  fluid: FluidBody
  cure: CureBody
  stand_test: StandTestBody
  made_safe: MadeSafeBody
  compression: CompressionBody
  leak_down: LeakDownBody
  crankcase: CrankcaseBody
  debris: DebrisBody
  rest_check: RestCheckBody
  fit_check: FitCheckBody
  spend: SpendBody
  owner_call: OwnerCallBody
  order: OrderBody
  outwork: OutworkBody
  quote_sent: QuoteSentBody
  owner_word: OwnerWordBody
  option: OptionBody
  approval: ApprovalBody
  waiting: WaitingBody
  stage: StageBody
  note: NoteBody
  hand_back: HandBackBody
  void: VoidBody
}
export type EntryKind = keyof BodyOf

export interface EntryOf<K extends EntryKind> {
  id: string
  kind: K
  /** when it was found or done, ISO 8601 */
  at: string
  /** id of the person who did it */
  by: string
  /** null for decisions and paperwork */
  how: HowGot | null
  body: BodyOf[K]
  /** id of the entry that this one corrects or voids */
  supersedes: string | null
}
export type Entry = { [K in EntryKind]: EntryOf<K> }[EntryKind]

/** Kinds that are findings: how they were got must be said. */
export const FINDING_KINDS: readonly EntryKind[] = [
  'oil',
  'mix',
  'turn_over',
  'plug',
  'air_filter',
  'compression',
  'leak_down',
  'crankcase',
  'debris',
  'claim',
  'clues',
  'smoke',
  'leaks',
  'lash',
  'lock_step',
  'oil_use',
  'meter',
  'check',
  'measure',
  'bore',
  'part',
  'valve_leak',
  'pump_rig',
  'rest_check',
  'fit_check',
]

/**
 * Entries that stand: neither corrected nor voided, and not voids themselves. A correction stands where the entry stood that it
 * corrects, so that putting an old reading right never makes it the newest.
 */
export function entriesInForce(entries: Entry[]): Entry[] {
  const place = new Map<string, number>()
  for (const [i, e] of entries.entries())
    place.set(e.id, (e.supersedes !== null ? place.get(e.supersedes) : undefined) ?? i)
  const replaced = new Set(entries.map(e => e.supersedes).filter(id => id !== null))
  return entries
    .filter(e => e.kind !== 'void' && !replaced.has(e.id))
    .sort((a, b) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0))
}

/** The entries of one kind. */
export function ofKind<K extends EntryKind>(entries: Entry[], kind: K): EntryOf<K>[] {
  return entries.filter((e): e is Entry & EntryOf<K> => e.kind === kind)
}

/** The newest standing entry of one kind. */
export const latest = <K extends EntryKind>(inForce: Entry[], kind: K): EntryOf<K> | undefined =>
  ofKind(inForce, kind).at(-1)
