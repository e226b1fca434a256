import { FIT_KEYS } from './judge'
import { FIT_ITEMS, FIT_STATES } from '../../words/deciding'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { FitCheckBody } from './schema'

/** One line of the log. */
export function say(body: FitCheckBody): Said {
  return {
    title: `Fit, ${body.engine}`,
    text: withNote(
      FIT_KEYS.map(k => `${FIT_ITEMS[k].toLowerCase()}: ${FIT_STATES[body[k]].toLowerCase()}`).join(', '),
      body.note,
    ),
  }
}
