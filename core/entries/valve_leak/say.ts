import { LEAK_SEEN, MEASURED_WHEN, VALVE_NAMES } from '../../words/opened'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { ValveLeakBody } from './schema'

/** One line of the log. */
export function say(body: ValveLeakBody): Said {
  const { valve, when, look, dropsPerMin, place, note } = body
  return {
    title: `${VALVE_NAMES[valve]} valve leak${place ? `, ${place}` : ''}`,
    text: withNote(
      `${dropsPerMin ? `${dropsPerMin} drops a minute` : LEAK_SEEN[look].toLowerCase()}, ${MEASURED_WHEN[when].toLowerCase()}`,
      note,
    ),
  }
}
