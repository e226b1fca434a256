import { COMPLAINT_KINDS } from '../../words/counter'
import type { Said } from '../../log/saying'
import type { ComplaintBody } from './schema'

/** One line of the log. */
export function say(body: ComplaintBody): Said {
  return {
    title: 'Complaint',
    text: `‘${body.words}’${body.since ? `, since ${body.since}` : ''}${body.about ? ` (${COMPLAINT_KINDS[body.about].toLowerCase()})` : ''}`,
  }
}
