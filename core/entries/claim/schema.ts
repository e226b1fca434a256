import { z } from 'zod'
import { keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { CLAIM_FROM } from '../../words/looks'

export const schema = z.strictObject({
  text: shortText('What the owner says', 1000),
  howKnown: optionalText('How the owner knows', 400),
  /** whose words they are; absent: the owner's */
  from: nullable(keyOf(CLAIM_FROM, 'Who says so')).optional(),
  topic: optionalText('Question', 40),
  /** the answer that was chosen of those offered; null: in words of their own, which decide nothing. Absent in claims from before */
  answer: optionalText('Answer', 120).optional(),
})

/** `topic` names the guided question that it answers. */
export interface ClaimBody extends z.infer<typeof schema> {}
