import { LASH_STATES, ROCKERS } from '../../words/opened'
import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { LashBody } from './schema'

/** One line of the log. */
export function say(body: LashBody, { read }: Saying): Said {
  const { state, inlet, exhaust, rockers, note } = body
  const sides = [inlet && `inlet ${read(inlet, inlet.unit)}`, exhaust && `exhaust ${read(exhaust, exhaust.unit)}`]
    .filter(Boolean)
    .join(', ')
  return {
    title: `Lash ${LASH_STATES[state].toLowerCase()}`,
    text: withNote(
      [sides, rockers === 'not_tried' ? 'rockers not tried' : ROCKERS[rockers].toLowerCase()]
        .filter(Boolean)
        .join('; '),
      note,
    ),
  }
}
