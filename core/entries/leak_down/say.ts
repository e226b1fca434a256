import { quantityText } from '../../units/unitRound'
import { HEARD } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { LeakDownBody } from './schema'

/** One line of the log. */
export function say(body: LeakDownBody): Said {
  const { regulator, cylinder, heard, orificeMm, note } = body
  return {
    title: 'Leak-down',
    text: withNote(
      `${quantityText(cylinder.value, cylinder.unit)} of ${quantityText(regulator.value, regulator.unit)}, ${orificeMm} mm orifice${heard.length ? `; heard at ${heard.map(h => HEARD[h].label.toLowerCase()).join(', ')}` : '; nothing heard'}`,
      note,
    ),
  }
}
