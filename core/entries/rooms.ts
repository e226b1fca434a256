import type { EngineFacts } from '../engine/facts'
import type { Stage } from '../log/words'
import type { Right } from '../people/roles'
import { STAGE_ORDER } from '../log/words'
import type { Room } from './room'
import type { Entry, EntryKind } from './types'
import { room as airFilter } from './air_filter'
import { room as approval } from './approval'
import { room as asFound } from './as_found'
import { room as badBatch } from './bad_batch'
import { room as bore } from './bore'
import { room as causeFound } from './cause_found'
import { room as check } from './check'
import { room as claim } from './claim'
import { room as claimCheck } from './claim_check'
import { room as clues } from './clues'
import { room as complaint } from './complaint'
import { room as compression } from './compression'
import { room as crankcase } from './crankcase'
import { room as cure } from './cure'
import { room as debris } from './debris'
import { room as event } from './event'
import { room as evidence } from './evidence'
import { room as fasteners } from './fasteners'
import { room as fitCheck } from './fit_check'
import { room as fitted } from './fitted'
import { room as fluid } from './fluid'
import { room as handBack } from './hand_back'
import { room as inventory } from './inventory'
import { room as lash } from './lash'
import { room as leakDown } from './leak_down'
import { room as leaks } from './leaks'
import { room as lockStep } from './lock_step'
import { room as madeSafe } from './made_safe'
import { room as measure } from './measure'
import { room as meter } from './meter'
import { room as mix } from './mix'
import { room as modification } from './modification'
import { room as note } from './note'
import { room as oil } from './oil'
import { room as oilChange } from './oil_change'
import { room as oilKind } from './oil_kind'
import { room as oilUse } from './oil_use'
import { room as option } from './option'
import { room as order } from './order'
import { room as outwork } from './outwork'
import { room as ownerCall } from './owner_call'
import { room as ownerWord } from './owner_word'
import { room as part } from './part'
import { room as photo } from './photo'
import { room as plug } from './plug'
import { room as pumpRig } from './pump_rig'
import { room as quoteSent } from './quote_sent'
import { room as refused } from './refused'
import { room as restCheck } from './rest_check'
import { room as signOff } from './sign_off'
import { room as smoke } from './smoke'
import { room as spend } from './spend'
import { room as stage } from './stage'
import { room as standTest } from './stand_test'
import { room as terms } from './terms'
import { room as theory } from './theory'
import { room as turnOver } from './turn_over'
import { room as valveLeak } from './valve_leak'
import { room as undone } from './void'
import { room as oilPressure } from './oil_pressure'
import { room as drainDown } from './drain_down'
import { room as watch } from './watch'
import { room as watchDone } from './watch_done'
import { room as labSample } from './lab_sample'
import { room as ruleHere } from './rule_here'
import { room as trial } from './trial'
import { room as waiting } from './waiting'
import { room as work } from './work'

/** What each kind of entry means. A new kind is one line here and a folder of its own. */
const ROOMS = {
  air_filter: airFilter,
  approval,
  as_found: asFound,
  bad_batch: badBatch,
  bore,
  cause_found: causeFound,
  check,
  claim,
  claim_check: claimCheck,
  clues,
  complaint,
  compression,
  crankcase,
  cure,
  debris,
  event,
  evidence,
  fasteners,
  fit_check: fitCheck,
  fitted,
  fluid,
  hand_back: handBack,
  inventory,
  lash,
  leak_down: leakDown,
  leaks,
  lock_step: lockStep,
  made_safe: madeSafe,
  measure,
  meter,
  mix,
  modification,
  note,
  oil,
  oil_change: oilChange,
  oil_kind: oilKind,
  oil_use: oilUse,
  option,
  order,
  outwork,
  owner_call: ownerCall,
  owner_word: ownerWord,
  part,
  photo,
  plug,
  pump_rig: pumpRig,
  quote_sent: quoteSent,
  refused,
  rest_check: restCheck,
  sign_off: signOff,
  smoke,
  spend,
  stage,
  stand_test: standTest,
  terms,
  theory,
  turn_over: turnOver,
  valve_leak: valveLeak,
  void: undone,
  oil_pressure: oilPressure,
  drain_down: drainDown,
  watch,
  watch_done: watchDone,
  lab_sample: labSample,
  waiting,
  trial,
  rule_here: ruleHere,
  work,
} satisfies { [K in EntryKind]: Room<K> }

/** The room of one entry, as it takes that very entry. */
export const roomOf = (entry: Entry): Room<EntryKind> => roomFor(entry.kind)
const roomFor = (kind: EntryKind): Room<EntryKind> => ROOMS[kind] as Room<EntryKind>
export const KINDS = Object.keys(ROOMS) as EntryKind[]

/** What an entry stands in the same place with: its kind, and cylinder, valve or sample place. */
export const standsAt = (entry: Entry): string => `${entry.kind} ${roomOf(entry).place?.(entry) ?? ''}`

/** The kind of entry that answers a look of the rail. */
export const answering = (look: string): EntryKind =>
  KINDS.find(kind => roomFor(kind).answers?.includes(look)) ?? (look as EntryKind)

/** Read, seen, felt or told: how it was got has to be said. */
export const isFinding = (kind: EntryKind): boolean => roomFor(kind).finding === true

/** What a list of what was looked at calls it. */
/** What somebody must be allowed to do to log it. */
export const rightFor = (kind: EntryKind): Right => roomFor(kind).right ?? 'log'
export const nameOf = (kind: EntryKind): string => ROOMS[kind].name

/** In the order in which a bench looks. */
const IN_ORDER = KINDS.map(kind => ({ kind, room: roomFor(kind) }))
  .filter(({ room }) => room.asked)
  .sort((a, b) => STAGE_ORDER.indexOf(a.room.stage as Stage) - STAGE_ORDER.indexOf(b.room.stage as Stage))

/** Kinds of finding that an engine like this is usually asked for. */
export const askedOf = (facts: EngineFacts): EntryKind[] =>
  IN_ORDER.filter(({ room }) => room.asked?.(facts)).map(({ kind }) => kind)

/** Those without which nobody has had a first look. */
export const essentialsOf = (facts: EngineFacts): EntryKind[] =>
  IN_ORDER.filter(({ room }) => room.asked?.(facts) === 'essential').map(({ kind }) => kind)
