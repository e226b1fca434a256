import { z } from 'zod'
import { optionalText, shortText } from '../../schema/words'

export const schema = z.strictObject({
  what: shortText('Work that was refused', 300),
  risk: shortText('What it risks', 500),
  by: optionalText('Who refused', 120),
})

/** Work that the owner did not want, and what it risks. */
export interface RefusedBody extends z.infer<typeof schema> {}
