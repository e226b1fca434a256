import { AS_FOUND } from '../../words/opened'
import type { Said } from '../../log/saying'
import type { AsFoundBody } from './schema'

/** One line of the log. */
export function say(body: AsFoundBody): Said {
  return {
    title: `As found, ${body.cover}`,
    text: `${AS_FOUND[body.about].toLowerCase()}: ${body.words}`,
  }
}
