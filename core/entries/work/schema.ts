import { z } from 'zod'
import { idText, keyOf, longText } from '../../schema/words'
import { isSubject } from '../../teardown/subjects'
import { WORK_DONE } from '../../words/work'

export const schema = z.strictObject({
  did: keyOf(WORK_DONE, 'What was done'),
  parts: z
    .array(z.string().refine(isSubject, 'That is no part of an engine here: choose it from the list.'))
    .min(1, 'Say what it was done to.')
    .max(12, 'Twelve parts at most in one entry.'),
  /** the findings that it answers */
  answers: z.array(idText('Finding')).max(40, 'It can answer forty findings at most.'),
  note: longText('Note'),
})

/** What was renewed, repaired, cleaned or set: the parts are picked, and so are the findings that it answers. */
export interface WorkBody extends z.infer<typeof schema> {}
