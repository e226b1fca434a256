import { z } from 'zod'
import { optionalText, shortText } from '../../schema/words'

export const schema = z.strictObject({
  what: shortText('Work that was refused', 300),
  risk: shortText('What it risks', 500),
  by: optionalText('Who refused', 120),
  /** what will decide it later: the sign at which it is asked again; absent where nobody was asked */
  sign: optionalText('What will decide it later', 200).optional(),
})

/** Work that the owner did not want, and what it risks. */
export interface RefusedBody extends z.infer<typeof schema> {}
