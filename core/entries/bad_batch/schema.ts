import { z } from 'zod'
import { shortText } from '../../schema/words'

export const schema = z.strictObject({
  what: shortText('Part', 120),
  batch: shortText('Batch', 60),
  proof: shortText('Proof', 400),
})

/** A batch of parts that is proved bad: kept off the shelf, and the other machines carrying it are named. */
export interface BadBatchBody extends z.infer<typeof schema> {}
