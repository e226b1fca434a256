import { z } from 'zod'
import { keyOf, longText, optionalText } from '../../schema/words'
import { EVENTS } from '../../words/counter'

export const schema = z.strictObject({
  what: keyOf(EVENTS, 'What happened'),
  when: optionalText('When', 120),
  note: longText('Note'),
})

export interface EventBody extends z.infer<typeof schema> {}
