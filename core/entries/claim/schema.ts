import { z } from 'zod'
import { optionalText, shortText } from '../../schema/words'

export const schema = z.strictObject({
  text: shortText('What the owner says', 1000),
  howKnown: optionalText('How the owner knows', 400),
  topic: optionalText('Question', 40),
})

/** `topic` names the guided question that it answers. */
export interface ClaimBody extends z.infer<typeof schema> {}
