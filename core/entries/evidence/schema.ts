import { z } from 'zod'
import { optionalText, shortText } from '../../schema/words'

export const schema = z.strictObject({
  what: shortText('What it is', 300),
  where: shortText('Where it was found', 200),
  missing: z.boolean(),
  explained: optionalText('Explanation', 1000),
})

/** Foreign matter or a missing fragment: kept, and open until it is explained. */
export interface EvidenceBody extends z.infer<typeof schema> {}
