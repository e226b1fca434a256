import smoke from './smoke/fields'
import leaks from './leaks/fields'
import clues from './clues/fields'
import lockStep from './lock_step/fields'
import oilUse from './oil_use/fields'
import oilKind from './oil_kind/fields'
import lash from './lash/fields'
import modification from './modification/fields'
import inventory from './inventory/fields'
import event from './event/fields'
import oilChange from './oil_change/fields'
import theory from './theory/fields'
import valveLeak from './valve_leak/fields'
import pumpRig from './pump_rig/fields'
import asFound from './as_found/fields'
import fasteners from './fasteners/fields'
import fitted from './fitted/fields'
import badBatch from './bad_batch/fields'
import evidence from './evidence/fields'
import restCheck from './rest_check/fields'
import fitCheck from './fit_check/fields'
import ownerCall from './owner_call/fields'
import refused from './refused/fields'
import work from './work/fields'
import type { FindingPlan } from './fieldPlan'

/** Findings whose form follows from a list of fields, by kind of entry: one renderer draws them all. */
export const FINDING_PLANS = {
  smoke,
  leaks,
  clues,
  lock_step: lockStep,
  oil_use: oilUse,
  oil_kind: oilKind,
  lash,
  modification,
  inventory,
  event,
  oil_change: oilChange,
  theory,
  valve_leak: valveLeak,
  pump_rig: pumpRig,
  as_found: asFound,
  fasteners,
  fitted,
  bad_batch: badBatch,
  evidence,
  rest_check: restCheck,
  fit_check: fitCheck,
  owner_call: ownerCall,
  refused,
  work,
} satisfies Record<string, FindingPlan>
export type PlannedFinding = keyof typeof FINDING_PLANS
