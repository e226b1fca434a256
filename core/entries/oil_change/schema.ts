import { z } from 'zod'
import { figureIn, volume } from '../../schema/quantities'
import { keyOf, nullable, optionalText } from '../../schema/words'
import { FILLED_TO, OIL_CHANGE_FOR } from '../../words/looks'

export const schema = z.strictObject({
  amount: nullable(volume('Filled')),
  oil: optionalText('Oil', 120),
  filter: z.boolean(),
  atHours: nullable(figureIn('Running time', 0, 100000, 'h')),
  /** where it was at a distance, and not on the day of this visit */
  atKm: nullable(figureIn('Distance', 0, 2_000_000, 'km')).optional(),
  /** what for; absent where nobody was asked */
  occasion: nullable(keyOf(OIL_CHANGE_FOR, 'What for')).optional(),
  /** how far it was filled, read again; absent where nobody was asked */
  to: nullable(keyOf(FILLED_TO, 'Filled to')).optional(),
})

/** All of the oil changed; `atHours` where it was not on the day of this visit. */
export interface OilChangeBody extends z.infer<typeof schema> {}
