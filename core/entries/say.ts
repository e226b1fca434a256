import { cylinderOf } from '../log/cylinder'
import type { ShopPolicy } from '../engine/policy'
import type { Said, Saying } from '../log/saying'
import { sayingOf } from '../log/saying'
import type { BodyOf, Entry, EntryKind } from './types'
import { say as complaint } from './complaint/say'
import { say as claim } from './claim/say'
import { say as meter } from './meter/say'
import { say as modification } from './modification/say'
import { say as inventory } from './inventory/say'
import { say as event } from './event/say'
import { say as clues } from './clues/say'
import { say as smoke } from './smoke/say'
import { say as leaks } from './leaks/say'
import { say as lash } from './lash/say'
import { say as lockStep } from './lock_step/say'
import { say as oilUse } from './oil_use/say'
import { say as oilKind } from './oil_kind/say'
import { say as oilChange } from './oil_change/say'
import { say as theory } from './theory/say'
import { say as causeFound } from './cause_found/say'
import { say as measure } from './measure/say'
import { say as bore } from './bore/say'
import { say as valveLeak } from './valve_leak/say'
import { say as pumpRig } from './pump_rig/say'
import { say as part } from './part/say'
import { say as asFound } from './as_found/say'
import { say as fasteners } from './fasteners/say'
import { say as fitted } from './fitted/say'
import { say as badBatch } from './bad_batch/say'
import { say as signOff } from './sign_off/say'
import { say as check } from './check/say'
import { say as evidence } from './evidence/say'
import { say as photo } from './photo/say'
import { say as refused } from './refused/say'
import { say as claimCheck } from './claim_check/say'
import { say as terms } from './terms/say'
import { say as restCheck } from './rest_check/say'
import { say as fitCheck } from './fit_check/say'
import { say as spend } from './spend/say'
import { say as order } from './order/say'
import { say as outwork } from './outwork/say'
import { say as quoteSent } from './quote_sent/say'
import { say as ownerWord } from './owner_word/say'
import { say as ownerCall } from './owner_call/say'
import { say as oil } from './oil/say'
import { say as mix } from './mix/say'
import { say as turnOver } from './turn_over/say'
import { say as plug } from './plug/say'
import { say as airFilter } from './air_filter/say'
import { say as fluid } from './fluid/say'
import { say as cure } from './cure/say'
import { say as standTest } from './stand_test/say'
import { say as madeSafe } from './made_safe/say'
import { say as compression } from './compression/say'
import { say as leakDown } from './leak_down/say'
import { say as crankcase } from './crankcase/say'
import { say as debris } from './debris/say'
import { say as option } from './option/say'
import { say as oilPressure } from './oil_pressure/say'
import { say as drainDown } from './drain_down/say'
import { say as watch } from './watch/say'
import { say as watchDone } from './watch_done/say'
import { say as labSample } from './lab_sample/say'
import { say as ruleHere } from './rule_here/say'
import { say as trial } from './trial/say'
import { say as approval } from './approval/say'
import { say as waiting } from './waiting/say'
import { say as stage } from './stage/say'
import { say as note } from './note/say'
import { say as handBack } from './hand_back/say'
import { say as work } from './work/say'
import { say as voided } from './void/say'

type Say<K extends EntryKind> = (body: BodyOf[K], saying: Saying) => Said

const SAY: { [K in EntryKind]: Say<K> } = {
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

/** One line of the log: what was written down, in words and in the units it was read in. */
export function describe(entry: Entry, policy: ShopPolicy): Said {
  const said = (SAY[entry.kind] as Say<EntryKind>)(entry.body, sayingOf(policy))
  const place = cylinderOf(entry)
  return place ? { ...said, title: `${said.title}, ${place}` } : said
}
