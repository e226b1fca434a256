import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { OilUseBody } from './schema'

/** One line of the log. */
export function say(body: OilUseBody, { read, policy }: Saying): Said {
  return {
    title: 'Oil used',
    text: withNote(
      `${read(body.topped, policy.volumeUnit)} over ${body.over} ${body.unit}${body.perWeek === null ? '' : `, runs ${body.perWeek} ${body.unit} a week`}`,
      body.note,
    ),
  }
}
