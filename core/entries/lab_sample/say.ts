import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import { DEBRIS_PLACES } from '../../words/looks'
import type { LabSampleBody } from './schema'

/** One line of the log. */
export function say({ place, lab, mark, sentOn, dueOn, results, says, note }: LabSampleBody): Said {
  return {
    title: `Laboratory, ${DEBRIS_PLACES[place].toLowerCase()}`,
    text: withNote(
      [
        lab,
        mark && `marked ${mark}`,
        sentOn && `sent ${sentOn}`,
        dueOn && !results.length && `due ${dueOn}`,
        results.map(r => `${r.what} ${r.value} ${r.unit}${r.limit === null ? '' : ` of ${r.limit}`}`).join(', '),
        says,
      ]
        .filter(Boolean)
        .join('; '),
      note,
    ),
  }
}
