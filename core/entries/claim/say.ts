import type { Said } from '../../log/saying'
import type { ClaimBody } from './schema'

/** One line of the log. */
export function say(body: ClaimBody): Said {
  return {
    title: 'Owner says',
    text: `${body.text}${body.howKnown ? ` (${body.howKnown})` : ''}`,
  }
}
