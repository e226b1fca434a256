import { z } from 'zod'
import { keyOf, longText } from '../../schema/words'
import { TURN_FEELS, TURN_METHODS } from '../../words/looks'

export const schema = z.strictObject({
  feel: keyOf(TURN_FEELS, 'How it turns'),
  method: keyOf(TURN_METHODS, 'Turned by'),
  plugIn: z.boolean({ error: 'Say whether the plug was in.' }),
  note: longText('Note'),
})

export interface TurnOverBody extends z.infer<typeof schema> {}
