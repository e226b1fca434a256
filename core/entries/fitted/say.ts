import { ORIGINS } from '../../words/opened'
import type { Said } from '../../log/saying'
import type { FittedBody } from './schema'

/** One line of the log. */
export function say(body: FittedBody): Said {
  return {
    title: 'Fitted',
    text: [
      body.what,
      ORIGINS[body.origin].toLowerCase(),
      body.batch && `batch ${body.batch}`,
      body.from && `from ${body.from}`,
    ]
      .filter(Boolean)
      .join(', '),
  }
}
