import { EARLIER_HANDS, OUTSIDE_CLUES } from '../../words/counter'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { CluesBody } from './schema'

/** One line of the log. */
export function say(body: CluesBody): Said {
  return {
    title: 'Outside',
    text: withNote(
      [...body.outside.map(k => OUTSIDE_CLUES[k]), ...body.hands.map(k => EARLIER_HANDS[k])]
        .map(w => w.toLowerCase())
        .concat(body.ageYears === null ? [] : [`${body.ageYears} years old`])
        .join(', ') || 'nothing to see',
      body.note,
    ),
  }
}
