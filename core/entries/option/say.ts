import { WAYS } from '../../words/deciding'
import type { Said } from '../../log/saying'
import type { OptionBody } from './schema'

/** One line of the log. */
export function say(body: OptionBody): Said {
  return {
    title: WAYS[body.way],
    text: `${body.name}, ${body.lines.length} line${body.lines.length === 1 ? '' : 's'}${body.ruledOut ? `; ruled out: ${body.ruledOut}` : ''}`,
  }
}
