import type { Said } from '../../log/saying'
import type { WatchBody } from './schema'
import { whenWords } from './due'

/** One line of the log. */
export function say(body: WatchBody): Said {
  return { title: 'Look again', text: `${body.what}, ${whenWords(body)}${body.why ? `: ${body.why}` : ''}` }
}
