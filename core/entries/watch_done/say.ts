import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import { WATCH_RESULTS } from '../../words/looks'
import type { WatchDoneBody } from './schema'

/** One line of the log. */
export function say({ result, found }: WatchDoneBody): Said {
  return { title: 'Looked at again', text: withNote(WATCH_RESULTS[result].toLowerCase(), found) }
}
