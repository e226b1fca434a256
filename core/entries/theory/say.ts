import { THEORY_STATES } from '../../words/opened'
import type { Said } from '../../log/saying'
import type { TheoryBody } from './schema'

/** One line of the log. */
export function say(body: TheoryBody): Said {
  return {
    title: `Theory, ${THEORY_STATES[body.state].toLowerCase()}`,
    text: [
      body.statement,
      body.proves && `proved by: ${body.proves}`,
      body.disproves && `ruled out by: ${body.disproves}`,
      body.trial && `trial: ${body.trial}`,
      body.limits && `limits: ${body.limits}`,
    ]
      .filter(Boolean)
      .join('; '),
  }
}
