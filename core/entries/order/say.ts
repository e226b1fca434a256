import { ORDER_STATES } from '../../words/deciding'
import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { OrderBody } from './schema'

/** One line of the log. */
export function say(body: OrderBody, { cash }: Saying): Said {
  const { what, supplier, number, priceMinor, state, dueOn, note } = body
  return {
    title: 'Part',
    text: withNote(
      [
        `${what}: ${ORDER_STATES[state].toLowerCase()}, ${supplier}`,
        number,
        priceMinor !== null && cash(priceMinor),
        state === 'ordered' && dueOn && `due ${dueOn}`,
      ]
        .filter(Boolean)
        .join(', '),
      note,
    ),
  }
}
