import type { Said } from '../../log/saying'
import type { VoidBody } from './schema'

/** One line of the log. */
export function say(body: VoidBody): Said {
  return { title: 'Undone', text: body.reason }
}
