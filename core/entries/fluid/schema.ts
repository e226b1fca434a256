import { z } from 'zod'
import { volume } from '../../schema/quantities'
import { optionalText } from '../../schema/words'

export const schema = z.strictObject({
  action: z.enum(['drained', 'filled'], { error: 'Say whether it was drained or filled.' }),
  amount: volume('Amount'),
  what: optionalText('What it was', 200),
})

/** Oil let out or put in. */
export interface FluidBody extends z.infer<typeof schema> {}
