import { OWNER_CHOICES, QUOTE_STAGES } from '#core/words/deciding'
import { idText, keyOf, nullable, optionalText, shortText } from '#core/schema/words'
import { z } from 'zod'

/** What the owner is asked, and for how long the link stays open. */
export const askOwnerSchema = z
  .strictObject({
    /** made by the sender: sent twice it is one question */
    id: idText('Question'),
    by: idText('Person'),
    stage: keyOf(QUOTE_STAGES, 'Asked for'),
    words: optionalText('Words to the owner', 2000),
    feeMinor: nullable(
      z
        .number({ error: 'Fee: type an amount.' })
        .int('The fee has too many decimals.')
        .min(0, "The fee can't be negative.")
        .max(1e8, 'The fee is too large.'),
    ),
    days: z
      .number({ error: 'Open for: type days.' })
      .int('Open for: whole days.')
      .min(1, 'A link stays open for at least a day.')
      .max(60, 'A link stays open for at most 60 days.'),
    photoIds: z.array(idText('Photo')).max(20, 'Twenty pictures are enough.'),
    findingIds: z.array(idText('Finding')).max(30, 'Thirty findings are enough.').default([]),
  })
  .refine(a => (a.stage === 'look' || a.stage === 'strip') === (a.feeMinor !== null), {
    path: ['feeMinor'],
    message: 'A look or an opening is asked for with its fee; a choice of ways without one.',
  })

export const ownerAnswerSchema = z
  .strictObject({
    choice: keyOf(OWNER_CHOICES, 'Answer'),
    optionId: nullable(idText('Way')),
    words: optionalText('Words', 1000),
    name: shortText('Your name', 120),
  })
  .refine(a => a.choice !== 'ask' || a.words !== null, { path: ['words'], message: 'Write your question.' })
