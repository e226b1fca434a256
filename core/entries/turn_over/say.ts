import { TURN_FEELS, TURN_METHODS } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { TurnOverBody } from './schema'

/** One line of the log. */
export function say(body: TurnOverBody): Said {
  return {
    title: 'Turns over',
    text: withNote(
      `${TURN_FEELS[body.feel].toLowerCase()}, by ${TURN_METHODS[body.method]}, plug ${body.plugIn ? 'in' : 'out'}`,
      body.note,
    ),
  }
}
