import type { Entry as EntryOfBody } from '../log/entry'
import type { ComplaintBody } from './complaint/schema'
import type { ClaimBody } from './claim/schema'
import type { MeterBody } from './meter/schema'
import type { ModificationBody } from './modification/schema'
import type { InventoryBody } from './inventory/schema'
import type { EventBody } from './event/schema'
import type { CluesBody } from './clues/schema'
import type { SmokeBody } from './smoke/schema'
import type { LeaksBody } from './leaks/schema'
import type { LashBody } from './lash/schema'
import type { LockStepBody } from './lock_step/schema'
import type { OilUseBody } from './oil_use/schema'
import type { OilKindBody } from './oil_kind/schema'
import type { OilChangeBody } from './oil_change/schema'
import type { TheoryBody } from './theory/schema'
import type { CauseFoundBody } from './cause_found/schema'
import type { MeasureBody } from './measure/schema'
import type { BoreBody } from './bore/schema'
import type { ValveLeakBody } from './valve_leak/schema'
import type { PumpRigBody } from './pump_rig/schema'
import type { PartBody } from './part/schema'
import type { AsFoundBody } from './as_found/schema'
import type { FastenersBody } from './fasteners/schema'
import type { FittedBody } from './fitted/schema'
import type { BadBatchBody } from './bad_batch/schema'
import type { SignOffBody } from './sign_off/schema'
import type { CheckBody } from './check/schema'
import type { EvidenceBody } from './evidence/schema'
import type { PhotoBody } from './photo/schema'
import type { RefusedBody } from './refused/schema'
import type { ClaimCheckBody } from './claim_check/schema'
import type { TermsBody } from './terms/schema'
import type { RestCheckBody } from './rest_check/schema'
import type { FitCheckBody } from './fit_check/schema'
import type { SpendBody } from './spend/schema'
import type { OrderBody } from './order/schema'
import type { OutworkBody } from './outwork/schema'
import type { QuoteSentBody } from './quote_sent/schema'
import type { OwnerWordBody } from './owner_word/schema'
import type { OwnerCallBody } from './owner_call/schema'
import type { OilBody } from './oil/schema'
import type { MixBody } from './mix/schema'
import type { TurnOverBody } from './turn_over/schema'
import type { PlugBody } from './plug/schema'
import type { AirFilterBody } from './air_filter/schema'
import type { FluidBody } from './fluid/schema'
import type { CureBody } from './cure/schema'
import type { StandTestBody } from './stand_test/schema'
import type { MadeSafeBody } from './made_safe/schema'
import type { CompressionBody } from './compression/schema'
import type { LeakDownBody } from './leak_down/schema'
import type { CrankcaseBody } from './crankcase/schema'
import type { DebrisBody } from './debris/schema'
import type { OptionBody } from './option/schema'
import type { ApprovalBody } from './approval/schema'
import type { WaitingBody } from './waiting/schema'
import type { StageBody } from './stage/schema'
import type { NoteBody } from './note/schema'
import type { HandBackBody } from './hand_back/schema'
import type { WorkBody } from './work/schema'
import type { OilPressureBody } from './oil_pressure/schema'
import type { DrainDownBody } from './drain_down/schema'
import type { WatchBody } from './watch/schema'
import type { WatchDoneBody } from './watch_done/schema'
import type { LabSampleBody } from './lab_sample/schema'
import type { RuleHereBody } from './rule_here/schema'
import type { TrialBody } from './trial/schema'
import type { VoidBody } from './void/schema'

/** The body of each kind of entry: the one list of kinds that everything else is held against. */
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
  work: WorkBody
  oil_pressure: OilPressureBody
  drain_down: DrainDownBody
  watch: WatchBody
  watch_done: WatchDoneBody
  lab_sample: LabSampleBody
  rule_here: RuleHereBody
  trial: TrialBody
  void: VoidBody
}
export type EntryKind = keyof BodyOf
export type EntryOf<K extends EntryKind> = { [P in K]: EntryOfBody<P, BodyOf[P]> }[K]
export type Entry = EntryOf<EntryKind>
