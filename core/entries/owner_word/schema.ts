import { z } from 'zod'
import { idText, keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { OWNER_CHOICES } from '../../words/deciding'

export const schema = z.strictObject({
  quoteId: idText('Quote'),
  choice: keyOf(OWNER_CHOICES, 'Answer'),
  option: optionalText('Way', 80),
  fee: nullable(z.number().min(0)),
  words: optionalText('Words', 1000),
  name: shortText('Name', 120),
  held: optionalText('Held back', 1000),
})

/** What the owner said by the link. `held`: why the agreement waits for the shop. */
export interface OwnerWordBody extends z.infer<typeof schema> {}
