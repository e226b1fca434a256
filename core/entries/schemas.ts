import type { z } from 'zod'
import type { BodyOf, EntryKind } from './types'
import { schema as complaint } from './complaint/schema'
import { schema as claim } from './claim/schema'
import { schema as meter } from './meter/schema'
import { schema as modification } from './modification/schema'
import { schema as inventory } from './inventory/schema'
import { schema as event } from './event/schema'
import { schema as clues } from './clues/schema'
import { schema as smoke } from './smoke/schema'
import { schema as leaks } from './leaks/schema'
import { schema as lash } from './lash/schema'
import { schema as lockStep } from './lock_step/schema'
import { schema as oilUse } from './oil_use/schema'
import { schema as oilKind } from './oil_kind/schema'
import { schema as oilChange } from './oil_change/schema'
import { schema as theory } from './theory/schema'
import { schema as causeFound } from './cause_found/schema'
import { schema as measure } from './measure/schema'
import { schema as bore } from './bore/schema'
import { schema as valveLeak } from './valve_leak/schema'
import { schema as pumpRig } from './pump_rig/schema'
import { schema as part } from './part/schema'
import { schema as asFound } from './as_found/schema'
import { schema as fasteners } from './fasteners/schema'
import { schema as fitted } from './fitted/schema'
import { schema as badBatch } from './bad_batch/schema'
import { schema as signOff } from './sign_off/schema'
import { schema as check } from './check/schema'
import { schema as evidence } from './evidence/schema'
import { schema as photo } from './photo/schema'
import { schema as refused } from './refused/schema'
import { schema as claimCheck } from './claim_check/schema'
import { schema as terms } from './terms/schema'
import { schema as restCheck } from './rest_check/schema'
import { schema as fitCheck } from './fit_check/schema'
import { schema as spend } from './spend/schema'
import { schema as order } from './order/schema'
import { schema as outwork } from './outwork/schema'
import { schema as quoteSent } from './quote_sent/schema'
import { schema as ownerWord } from './owner_word/schema'
import { schema as ownerCall } from './owner_call/schema'
import { schema as oil } from './oil/schema'
import { schema as mix } from './mix/schema'
import { schema as turnOver } from './turn_over/schema'
import { schema as plug } from './plug/schema'
import { schema as airFilter } from './air_filter/schema'
import { schema as fluid } from './fluid/schema'
import { schema as cure } from './cure/schema'
import { schema as standTest } from './stand_test/schema'
import { schema as madeSafe } from './made_safe/schema'
import { schema as compression } from './compression/schema'
import { schema as leakDown } from './leak_down/schema'
import { schema as crankcase } from './crankcase/schema'
import { schema as debris } from './debris/schema'
import { schema as option } from './option/schema'
import { schema as approval } from './approval/schema'
import { schema as waiting } from './waiting/schema'
import { schema as stage } from './stage/schema'
import { schema as note } from './note/schema'
import { schema as handBack } from './hand_back/schema'
import { schema as oilPressure } from './oil_pressure/schema'
import { schema as drainDown } from './drain_down/schema'
import { schema as watch } from './watch/schema'
import { schema as watchDone } from './watch_done/schema'
import { schema as labSample } from './lab_sample/schema'
import { schema as ruleHere } from './rule_here/schema'
import { schema as trial } from './trial/schema'
import { schema as work } from './work/schema'
import { schema as voided } from './void/schema'

/** The body of every kind of entry, checked on the way in and on the way out. */
export const BODY_SCHEMAS: { [K in EntryKind]: z.ZodType<BodyOf[K]> } = {
  complaint: complaint,
  claim: claim,
  meter: meter,
  modification: modification,
  inventory: inventory,
  event: event,
  clues: clues,
  smoke: smoke,
  leaks: leaks,
  lash: lash,
  lock_step: lockStep,
  oil_use: oilUse,
  oil_kind: oilKind,
  oil_change: oilChange,
  theory: theory,
  cause_found: causeFound,
  measure: measure,
  bore: bore,
  valve_leak: valveLeak,
  pump_rig: pumpRig,
  part: part,
  as_found: asFound,
  fasteners: fasteners,
  fitted: fitted,
  bad_batch: badBatch,
  sign_off: signOff,
  check: check,
  evidence: evidence,
  photo: photo,
  refused: refused,
  claim_check: claimCheck,
  terms: terms,
  rest_check: restCheck,
  fit_check: fitCheck,
  spend: spend,
  order: order,
  outwork: outwork,
  quote_sent: quoteSent,
  owner_word: ownerWord,
  owner_call: ownerCall,
  oil: oil,
  mix: mix,
  turn_over: turnOver,
  plug: plug,
  air_filter: airFilter,
  fluid: fluid,
  cure: cure,
  stand_test: standTest,
  made_safe: madeSafe,
  compression: compression,
  leak_down: leakDown,
  crankcase: crankcase,
  debris: debris,
  option: option,
  approval: approval,
  waiting: waiting,
  stage: stage,
  note: note,
  hand_back: handBack,
  oil_pressure: oilPressure,
  drain_down: drainDown,
  watch,
  watch_done: watchDone,
  lab_sample: labSample,
  rule_here: ruleHere,
  trial,
  work,
  void: voided,
}
