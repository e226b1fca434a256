import { quantityText } from '../../units/unitRound'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { CrankcaseBody } from './schema'

/** One line of the log. */
export function say(body: CrankcaseBody): Said {
  return {
    title: 'Crankcase',
    text: withNote(
      `${quantityText(body.start.value, body.start.unit)} to ${quantityText(body.end.value, body.end.unit)} in ${body.seconds} s`,
      body.note,
    ),
  }
}
