import { CHECK_BY_ID, CHECKS } from '../catalogue'
import type { Entry } from '../entries/types'
import { PART_PLANS } from '../teardown/parts'
import type { PartGroup } from '../teardown/partPlan'

/** Whoever holds one of these has head or case open. */
const INSIDE: readonly PartGroup[] = ['top', 'bottom']
/** Looks in which it is turned by hand, or must have been turned, though nobody cranks or runs it for them. */
const TURNED: readonly string[] = ['valves_move', 'rock', 'runout', 'pour', 'timing', 'fuel_arrives']
/** Looks that ask for an engine that is whole, though nobody cranks or runs it for them. */
const WHOLE: readonly string[] = [
  'leakdown',
  'crankcase',
  'turn',
  'plug_out_turn',
  'drive_off',
  'brake_off',
  'piston_moves',
]

/** An entry that can only be made with the engine open; true or false where it says so, null where it does not. */
function opens(entry: Entry): boolean | null {
  switch (entry.kind) {
    case 'part':
      return INSIDE.includes(PART_PLANS[entry.body.part].group) || null
    case 'bore':
      return true
    case 'check': {
      const check = CHECK_BY_ID.get(entry.body.check)
      if (entry.body.skipped !== null || !check) return null
      return check.opens ? true : check.runs || check.cranks ? false : null
    }
    // what squeezes, turns, smokes or was put together is whole again
    case 'fitted':
    case 'compression':
    case 'smoke':
    case 'trial':
    case 'turn_over':
      return false
    default:
      return null
  }
}

/** Whether the engine lies open, by the newest entry that can only be made of an open or of a whole one. */
export const isApart = (inForce: readonly Entry[]): boolean =>
  inForce.reduce((apart, entry) => opens(entry) ?? apart, false)

const thatRunIt = (others: readonly string[]): readonly string[] =>
  CHECKS.filter(c => c.runs || c.cranks || others.includes(c.id)).map(c => c.id)

/** Checks that an open engine can't be asked: it does not turn, squeeze or run. */
export const NEEDS_WHOLE = thatRunIt(WHOLE)
/** Checks that a locked engine can't be asked: nobody cranks it. */
export const NEEDS_TURNING = thatRunIt(TURNED)
