import { STAGES } from '../../log/words'
import type { Said } from '../../log/saying'
import type { StageBody } from './schema'

/** One line of the log. */
export function say(body: StageBody): Said {
  return {
    title: STAGES[body.stage],
    text: `${body.state === 'open' ? 'opened again' : body.state}${body.reason ? `: ${body.reason}` : ''}`,
  }
}
