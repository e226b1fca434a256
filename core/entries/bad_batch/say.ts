import type { Said } from '../../log/saying'
import type { BadBatchBody } from './schema'

/** One line of the log. */
export function say(body: BadBatchBody): Said {
  return { title: 'Bad batch', text: `${body.what}, batch ${body.batch}: ${body.proof}` }
}
