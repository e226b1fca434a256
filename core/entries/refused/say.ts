import type { Said } from '../../log/saying'
import type { RefusedBody } from './schema'

/** One line of the log. */
export function say(body: RefusedBody): Said {
  return {
    title: 'Refused',
    text: `${body.what}${body.by ? `, by ${body.by}` : ''}. Risk: ${body.risk}${body.sign ? `. Asked again when: ${body.sign}` : ''}`,
  }
}
