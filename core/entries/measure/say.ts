import { MEASURE_PLANS } from '../../measure/items'
import { TOOLS } from '../../measure/tools'
import { DIAL_SWING, MEASURED_WHEN, RING_SHAPES } from '../../words/opened'
import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { MeasureBody } from './schema'

/** One line of the log. */
export function say(body: MeasureBody, { read }: Saying): Said {
  const { item, reads, tool, place, when, note, swing, shape } = body
  return {
    title: `${MEASURE_PLANS[item].label}${place ? `, ${place}` : ''}`,
    text: withNote(
      `${reads.map(r => read(r, r.unit)).join(', ')}, ${TOOLS[tool].label}, ${MEASURED_WHEN[when].toLowerCase()}${swing ? `, ${DIAL_SWING[swing].toLowerCase()}` : ''}${shape ? `, ${RING_SHAPES[shape].toLowerCase()}` : ''}`,
      note,
    ),
  }
}
