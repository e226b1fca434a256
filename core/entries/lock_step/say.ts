import { LOCK_RESULTS, LOCK_STEPS } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { LockStepBody } from './schema'

/** One line of the log. */
export function say(body: LockStepBody): Said {
  return {
    title: 'Locked',
    text: withNote(
      `${LOCK_STEPS[body.step].label.toLowerCase()}: ${LOCK_RESULTS[body.result].toLowerCase()}`,
      body.note,
    ),
  }
}
