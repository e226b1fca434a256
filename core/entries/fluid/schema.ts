import { z } from 'zod'
import { volume } from '../../schema/quantities'
import { keyOf, nullable, optionalText } from '../../schema/words'
import { FILLED_TO, OIL_MOVES, POURED_ONTO } from '../../words/looks'

export const schema = z.strictObject({
  action: keyOf(OIL_MOVES, 'Whether it went in or came out'),
  amount: volume('Amount'),
  what: optionalText('What it was', 200),
  /** of what was poured in: onto what; absent where nobody was asked */
  onTop: nullable(keyOf(POURED_ONTO, 'Onto what it was poured')).optional(),
  /** of what was filled: how far */
  to: nullable(keyOf(FILLED_TO, 'Filled to')).optional(),
})

/** Oil let out or put in: it adds up to what is in the engine. */
export interface FluidBody extends z.infer<typeof schema> {}
