import { z } from 'zod'
import { keyOf, optionalText } from '../../schema/words'
import { WAITING_FOR } from '../../words/deciding'

export const schema = z.strictObject({
  for: keyOf(WAITING_FOR, 'Waiting for'),
  what: optionalText('What is awaited', 300),
})

export interface WaitingBody extends z.infer<typeof schema> {}
