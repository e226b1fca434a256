import { MODIFICATIONS, MODIFICATION_STATES } from '../../words/counter'
import type { Said } from '../../log/saying'
import type { ModificationBody } from './schema'

/** One line of the log. */
export function say(body: ModificationBody): Said {
  return {
    title: MODIFICATIONS[body.what].label,
    text: [MODIFICATION_STATES[body.state].toLowerCase(), body.text, body.why && `done because: ${body.why}`]
      .filter(Boolean)
      .join('; '),
  }
}
