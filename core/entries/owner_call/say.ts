import { CALL_RESULTS } from '../../words/deciding'
import type { Said, Saying } from '../../log/saying'
import type { OwnerCallBody } from './schema'

/** One line of the log. */
export function say(body: OwnerCallBody, { cash }: Saying): Said {
  return {
    title: 'Call to the owner',
    text: [
      CALL_RESULTS[body.result].toLowerCase(),
      body.answer,
      body.capMinor !== null && `cap now ${cash(body.capMinor)}`,
    ]
      .filter(Boolean)
      .join(': '),
  }
}
