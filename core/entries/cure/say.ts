import { CURES } from '../../oil/cures'
import type { Said } from '../../log/saying'
import type { CureBody } from './schema'

/** One line of the log. */
export function say(body: CureBody): Said {
  return {
    title: 'Fuel path cured',
    text: `${CURES[body.path].toLowerCase()}${body.text ? `: ${body.text}` : ''}`,
  }
}
