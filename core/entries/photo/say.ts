import type { Said } from '../../log/saying'
import type { PhotoBody } from './schema'

/** One line of the log. */
export function say(body: PhotoBody): Said {
  return { title: 'Photo', text: body.caption ?? 'without words' }
}
