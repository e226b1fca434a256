import { z } from 'zod'
import { keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { COMPLAINT_KINDS } from '../../words/counter'

export const schema = z.strictObject({
  words: shortText('Complaint', 2000),
  since: optionalText('Since when', 200),
  about: nullable(keyOf(COMPLAINT_KINDS, 'What it is about')),
})

export interface ComplaintBody extends z.infer<typeof schema> {}
