import type { SignDraft } from '../log/facts'
import type { JobFile } from './file'
import type { Entry, EntryKind, EntryOf } from './types'
import { signs as airFilter } from './air_filter/signs'
import { signs as bore } from './bore/signs'
import { signs as check } from './check/signs'
import { signs as claim } from './claim/signs'
import { signs as clues } from './clues/signs'
import { signs as complaint } from './complaint/signs'
import { signs as compression } from './compression/signs'
import { signs as crankcase } from './crankcase/signs'
import { signs as debris } from './debris/signs'
import { signs as event } from './event/signs'
import { signs as fluid } from './fluid/signs'
import { signs as lash } from './lash/signs'
import { signs as leakDown } from './leak_down/signs'
import { signs as leaks } from './leaks/signs'
import { signs as lockStep } from './lock_step/signs'
import { signs as measure } from './measure/signs'
import { signs as mix } from './mix/signs'
import { signs as drainDown } from './drain_down/signs'
import { signs as oilPressure } from './oil_pressure/signs'
import { signs as fasteners } from './fasteners/signs'
import { signs as oilKind } from './oil_kind/signs'
import { signs as oil } from './oil/signs'
import { signs as oilUse } from './oil_use/signs'
import { signs as pumpRig } from './pump_rig/signs'
import { signs as valveLeak } from './valve_leak/signs'
import { signs as part } from './part/signs'
import { signs as plug } from './plug/signs'
import { signs as smoke } from './smoke/signs'
import { signs as turnOver } from './turn_over/signs'

type Signs<K extends EntryKind> = (entry: EntryOf<K>, file: JobFile, inForce: Entry[]) => SignDraft[]

/** What each kind of finding says of the catalogue's signs: apart from the rooms, so that a judgement does not wait for the diagnosis. */
const SIGNS = {
  air_filter: airFilter,
  bore,
  check,
  claim,
  clues,
  complaint,
  compression,
  crankcase,
  debris,
  event,
  fluid,
  drain_down: drainDown,
  oil_pressure: oilPressure,
  fasteners,
  lash,
  leak_down: leakDown,
  leaks,
  lock_step: lockStep,
  measure,
  mix,
  oil,
  oil_kind: oilKind,
  oil_use: oilUse,
  pump_rig: pumpRig,
  valve_leak: valveLeak,
  part,
  plug,
  smoke,
  turn_over: turnOver,
} satisfies { [K in EntryKind]?: Signs<K> }

/** What an entry says of the catalogue's signs: there, or looked for and not there. */
export const signsOf = (entry: Entry, file: JobFile, inForce: Entry[]): SignDraft[] =>
  (SIGNS as Partial<Record<EntryKind, Signs<EntryKind>>>)[entry.kind]?.(entry, file, inForce) ?? []
