import { BREATHER_STATES, FILTER_STATES } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { AirFilterBody } from './schema'

/** One line of the log. */
export function say(body: AirFilterBody): Said {
  return {
    title: 'Air filter',
    text: withNote(
      `${FILTER_STATES[body.filter].toLowerCase()}${body.breather ? `; breather ${BREATHER_STATES[body.breather].toLowerCase()}` : ''}`,
      body.note,
    ),
  }
}
