import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { HandBackBody } from './schema'

/** One line of the log. */
export function say(body: HandBackBody): Said {
  return { title: 'Handed back', text: withNote(`To ${body.to}`, body.words) }
}
