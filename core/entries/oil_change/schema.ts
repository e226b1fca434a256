import { z } from 'zod'
import { figureIn, volume } from '../../schema/quantities'
import { nullable, optionalText } from '../../schema/words'

export const schema = z.strictObject({
  amount: nullable(volume('Filled')),
  oil: optionalText('Oil', 120),
  filter: z.boolean(),
  atHours: nullable(figureIn('Running time', 0, 100000, 'h')),
})

/** All of the oil changed; `atHours` where it was not on the day of this visit. */
export interface OilChangeBody extends z.infer<typeof schema> {}
