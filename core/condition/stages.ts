import type { EngineFacts } from '../engine/facts'
import { essentialsOf, roomOf } from '../entries/rooms'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { Stage } from '../log/words'
import { STAGE_ORDER } from '../log/words'

export interface StageState {
  stage: Stage
  state: 'done' | 'skipped' | 'open'
  reason: string | null
  logged: number
}

export const stageOf = (entry: Entry): Stage | null => {
  const { stage } = roomOf(entry)
  return typeof stage === 'function' ? stage(entry) : stage
}

/** Where each stage stands: what somebody said of it, otherwise what the log shows. */
export function stageStates(inForce: Entry[], facts: EngineFacts): StageState[] {
  const kept = keptOf(inForce)
  const essential = essentialsOf(facts)
  const shows = (stage: Stage): boolean =>
    stage === 'first_look'
      ? essential.every(kind => kept[kind].length > 0)
      : inForce.some(e => roomOf(e).shows && stageOf(e) === stage)
  const closed = kept.hand_back.length > 0
  return STAGE_ORDER.map(stage => {
    const said = keptOf(inForce)
      .stage.filter(e => e.body.stage === stage)
      .at(-1)?.body
    const logged = inForce.filter(e => stageOf(e) === stage).length
    const open = closed ? ('skipped' as const) : ('open' as const)
    return { stage, state: said?.state ?? (shows(stage) ? 'done' : open), reason: said?.reason ?? null, logged }
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
  const entry = keptOf(inForce).waiting.at(-1)
  return entry && entry.body.for !== 'nobody' ? { for: entry.body.for, what: entry.body.what, since: entry.at } : null
}
