import { quantityText } from '../../units/unitRound'
import { OUTWORK_VERDICTS } from '../../words/deciding'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { OutworkBody } from './schema'

/** One line of the log. */
export function say(body: OutworkBody): Said {
  const { what, shop, target, sentOn, dueOn, returnedOn, measured, verdict, note } = body
  return {
    title: 'Outwork',
    text: withNote(
      [
        `${what} at ${shop}, target ${target}`,
        sentOn && `sent ${sentOn}`,
        dueOn && !returnedOn && `due ${dueOn}`,
        returnedOn && `back ${returnedOn}`,
        measured && `measured ${quantityText(measured.value, measured.unit)}`,
        verdict !== 'open' && OUTWORK_VERDICTS[verdict].toLowerCase(),
      ]
        .filter(Boolean)
        .join(', '),
      note,
    ),
  }
}
