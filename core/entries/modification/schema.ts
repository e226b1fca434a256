import { z } from 'zod'
import { keyOf, optionalText } from '../../schema/words'
import { MODIFICATIONS, MODIFICATION_STATES } from '../../words/counter'

export const schema = z.strictObject({
  what: keyOf(MODIFICATIONS, 'What was changed'),
  text: optionalText('What exactly', 300),
  why: optionalText('Why it was done', 300),
  state: keyOf(MODIFICATION_STATES, 'State'),
})

export interface ModificationBody extends z.infer<typeof schema> {}
