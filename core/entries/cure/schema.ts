import { z } from 'zod'
import { CURES } from '../../oil/cures'
import { keyOf, optionalText } from '../../schema/words'

export const schema = z.strictObject({
  path: keyOf(CURES, 'Way the fuel came'),
  text: optionalText('What was done', 1000),
})

/** The way that fuel came into the oil, and what was done about it. */
export interface CureBody extends z.infer<typeof schema> {}
