import { SMOKE_AFTER, SMOKE_COLOURS, SMOKE_MOMENTS, SMOKE_SMELLS } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { SmokeBody } from './schema'

/** One line of the log. */
export function say(body: SmokeBody): Said {
  const { colour, moment, after, smell, note } = body
  return {
    title: 'Smoke',
    text: withNote(
      [
        SMOKE_COLOURS[colour],
        moment && SMOKE_MOMENTS[moment],
        after && `after ${SMOKE_AFTER[after]}`,
        smell && (smell === 'not_smelt' ? 'not smelt' : `smells of ${SMOKE_SMELLS[smell]}`),
      ]
        .filter(Boolean)
        .join(', ')
        .toLowerCase(),
      note,
    ),
  }
}
