import { REST_KEYS } from './judge'
import { REST_ITEMS, REST_STATES } from '../../words/deciding'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { RestCheckBody } from './schema'

/** One line of the log. */
export function say(body: RestCheckBody): Said {
  return {
    title: 'Rest of the machine',
    text: withNote(
      REST_KEYS.map(k => `${REST_ITEMS[k].toLowerCase()} ${REST_STATES[body[k]].toLowerCase()}`).join(', '),
      body.note,
    ),
  }
}
