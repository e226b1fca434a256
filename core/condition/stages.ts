import type { EngineFacts } from '../engine/facts'
import type { Entry, EntryKind } from '../entries/types'
import { latest, ofKind } from '../entries/types'
import type { Stage } from '../log/words'
import { STAGE_ORDER } from '../log/words'
import { hasSump } from '../oil/fillMarks'

export interface StageState {
  stage: Stage
  state: 'done' | 'skipped' | 'open'
  reason: string | null
  logged: number
}

const STAGE_OF_KIND: Partial<Record<EntryKind, Stage>> = {
  complaint: 'book_in',
  claim: 'book_in',
  claim_check: 'book_in',
  terms: 'book_in',
  meter: 'book_in',
  modification: 'book_in',
  inventory: 'book_in',
  event: 'book_in',
  clues: 'first_look',
  smoke: 'first_look',
  leaks: 'first_look',
  lock_step: 'first_look',
  oil_use: 'first_look',
  oil_kind: 'first_look',
  oil_change: 'build',
  lash: 'narrow_down',
  check: 'narrow_down',
  theory: 'narrow_down',
  sign_off: 'narrow_down',
  cause_found: 'hand_back',
  evidence: 'open_up',
  part: 'open_up',
  fasteners: 'open_up',
  bad_batch: 'open_up',
  fitted: 'build',
  measure: 'measure',
  bore: 'measure',
  valve_leak: 'measure',
  refused: 'hand_back',
  oil: 'first_look',
  mix: 'first_look',
  turn_over: 'first_look',
  plug: 'first_look',
  air_filter: 'first_look',
  fluid: 'first_look',
  cure: 'first_look',
  stand_test: 'first_look',
  made_safe: 'first_look',
  compression: 'narrow_down',
  leak_down: 'narrow_down',
  crankcase: 'narrow_down',
  debris: 'open_up',
  option: 'decide',
  approval: 'decide',
  hand_back: 'hand_back',
}

export const stageOf = (entry: Entry): Stage | undefined =>
  entry.kind === 'note' ? entry.body.stage : STAGE_OF_KIND[entry.kind]

/** Where each stage stands: what somebody said of it, otherwise what the log shows. */
export function stageStates(inForce: Entry[], facts: EngineFacts): StageState[] {
  const has = (kind: EntryKind): boolean => inForce.some(e => e.kind === kind)
  const shown: Partial<Record<Stage, boolean>> = {
    book_in: has('complaint'),
    first_look: has('turn_over') && (has('oil') || !hasSump(facts)),
    narrow_down: has('compression') || has('leak_down') || has('crankcase'),
    open_up: has('debris') || has('part'),
    measure: has('measure') || has('bore'),
    decide: has('approval'),
    hand_back: has('hand_back'),
  }
  const closed = has('hand_back')
  return STAGE_ORDER.map(stage => {
    const said = ofKind(inForce, 'stage')
      .filter(e => e.body.stage === stage)
      .at(-1)?.body
    const logged = inForce.filter(e => stageOf(e) === stage).length
    const open = closed ? ('skipped' as const) : ('open' as const)
    return { stage, state: said?.state ?? (shown[stage] ? 'done' : open), reason: said?.reason ?? null, logged }
  })
}

/** The first stage that is neither done nor skipped. */
export const currentStage = (states: StageState[]): Stage => states.find(s => s.state === 'open')?.stage ?? 'hand_back'

export interface Waiting {
  for: 'owner' | 'parts' | 'outwork' | 'clock'
  what: string | null
  since: string
}

export function waitingNow(inForce: Entry[]): Waiting | null {
  const entry = latest(inForce, 'waiting')
  return entry && entry.body.for !== 'nobody' ? { for: entry.body.for, what: entry.body.what, since: entry.at } : null
}
