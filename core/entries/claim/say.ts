import { CLAIM_FROM } from '../../words/looks'
import type { Said } from '../../log/saying'
import type { ClaimBody } from './schema'

/** One line of the log. */
export function say(body: ClaimBody): Said {
  return {
    title: body.from && body.from !== 'owner' ? `${CLAIM_FROM[body.from]} says` : 'Owner says',
    text: `${body.text}${body.howKnown ? ` (${body.howKnown})` : ''}`,
  }
}
