import { DISPOSITIONS, OIL_STATES } from '../../teardown/partPlan'
import { PART_PLANS } from '../../teardown/parts'
import { PART_ROLES, SCORE_SIDES } from '../../words/opened'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { PartBody } from './schema'

/** One line of the log. */
export function say(body: PartBody): Said {
  const { part, disposition, seen, oil, role, reason, orientation, owed, place, side } = body
  const words = [
    seen.map(k => PART_PLANS[part].look[k] ?? k).join(', '),
    side && SCORE_SIDES[side].toLowerCase(),
    oil !== 'not_looked' && OIL_STATES[oil],
    role !== 'open' && PART_ROLES[role],
    reason,
    orientation && `lay: ${orientation}`,
    owed && `owed: ${owed}`,
  ]
    .filter(Boolean)
    .join('; ')
  return {
    title: `${PART_PLANS[part].name}${place ? `, ${place}` : ''}`,
    text: withNote(DISPOSITIONS[disposition].toLowerCase(), words || null),
  }
}
