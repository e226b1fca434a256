import { z } from 'zod'
import { knownCause } from '../../schema/catalogue'
import { keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { PROOFS } from '../../words/opened'

export const schema = z
  .strictObject({
    causeId: nullable(knownCause),
    text: optionalText('In words', 300),
    proof: keyOf(PROOFS, 'How sure'),
    missing: optionalText('Proof that is missing', 300),
    /** what proves it; absent in entries from before it was asked */
    provedBy: optionalText('What proves it', 300).optional(),
    chain: z
      .array(shortText('Step of the chain', 200))
      .max(12)
      .nullish()
      .transform(chain => chain ?? []),
  })
  .refine(c => c.proof === 'unknown' || c.causeId !== null || c.text !== null, {
    path: ['causeId'],
    message: 'Name the cause, or say that it is unknown.',
  })

/** from the first cause down to the complaint */
export interface CauseFoundBody extends z.infer<typeof schema> {}
