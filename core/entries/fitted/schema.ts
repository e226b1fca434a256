import { z } from 'zod'
import { keyOf, optionalText, shortText } from '../../schema/words'
import { FITTED_IS, ORIGINS } from '../../words/opened'

export const schema = z.strictObject({
  what: shortText('Part', 120),
  batch: optionalText('Batch', 60),
  from: optionalText('From whom', 80),
  origin: keyOf(ORIGINS, 'Origin'),
  /** a part, or oil; absent where nobody was asked, and then read out of its name as before */
  is: keyOf(FITTED_IS, 'What it is').optional(),
  /** of a filter: looked into before it was fitted; absent where nobody was asked */
  lookedInto: z.boolean().optional(),
  /** what it renews, picked; absent where nobody was asked */
  parts: z.array(z.string()).max(12, 'Twelve parts at most.').optional(),
})

/** A part that went in, with the batch it came from. */
export interface FittedBody extends z.infer<typeof schema> {}
