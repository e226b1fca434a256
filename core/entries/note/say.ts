import { STAGES } from '../../log/words'
import type { Said } from '../../log/saying'
import type { NoteBody } from './schema'

/** One line of the log. */
export function say(body: NoteBody): Said {
  return { title: STAGES[body.stage], text: body.text }
}
