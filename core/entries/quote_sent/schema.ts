import { z } from 'zod'
import { idText, keyOf, optionalText } from '../../schema/words'
import { QUOTE_STAGES } from '../../words/deciding'

export const schema = z.strictObject({
  quoteId: idText('Quote'),
  stage: keyOf(QUOTE_STAGES, 'Asked for'),
  expiresAt: z.iso.datetime({ offset: true, error: 'End: give a date and time.' }),
  words: optionalText('Words', 2000),
})

/** The owner was asked by a link; what was shown is kept with the quote. */
export interface QuoteSentBody extends z.infer<typeof schema> {}
