import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import { subjectName } from '../../teardown/subjects'
import { WORK_DONE } from '../../words/work'
import type { WorkBody } from './schema'

/** One line of the log. */
export const say = (body: WorkBody): Said => ({
  title: WORK_DONE[body.did],
  text: withNote(body.parts.map(subjectName).join(', '), body.note),
})
