import { CLAIM_STATES } from '../../words/counter'
import type { Said } from '../../log/saying'
import type { ClaimCheckBody } from './schema'

/** One line of the log. */
export function say(body: ClaimCheckBody): Said {
  return { title: 'Claim checked', text: CLAIM_STATES[body.state].toLowerCase() }
}
