import { PLUG_STATES } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { PlugBody } from './schema'

/** One line of the log. */
export function say(body: PlugBody): Said {
  return { title: 'Plug', text: withNote(PLUG_STATES[body.state].toLowerCase(), body.note) }
}
