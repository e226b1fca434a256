import { LEAK_LOOKS, LEAK_SITES, LEAK_STATES } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { LeaksBody } from './schema'

/** One line of the log. */
export function say(body: LeaksBody): Said {
  return {
    title: 'Leaks',
    text: withNote(
      `${LEAK_LOOKS[body.look].toLowerCase()}: ${body.sites.map(s => `${LEAK_SITES[s.site].toLowerCase()} ${LEAK_STATES[s.state].toLowerCase()}`).join(', ')}`,
      body.note,
    ),
  }
}
