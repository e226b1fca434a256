import { QUOTE_STAGES } from '../../words/deciding'
import type { Said } from '../../log/saying'
import type { QuoteSentBody } from './schema'

/** One line of the log. */
export function say(body: QuoteSentBody): Said {
  return {
    title: 'Owner asked',
    text: `${QUOTE_STAGES[body.stage].toLowerCase()}, by a link open until ${body.expiresAt.slice(0, 10)}${body.words ? `: ${body.words}` : ''}`,
  }
}
