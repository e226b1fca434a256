import { EVENTS } from '../../words/counter'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { EventBody } from './schema'

/** One line of the log. */
export function say(body: EventBody): Said {
  return { title: EVENTS[body.what], text: withNote(body.when ?? 'when is not known', body.note) }
}
