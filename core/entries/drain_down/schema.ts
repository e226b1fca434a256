import { z } from 'zod'
import { figureIn, volume } from '../../schema/quantities'
import { longText } from '../../schema/words'

export const schema = z.strictObject({
  ran: volume('Ran down into the sump'),
  hours: figureIn('Hours it stood', 1, 1000, 'h'),
  note: longText('Note'),
})

/** Oil that ran from the tank into the sump while the engine stood. */
export interface DrainDownBody extends z.infer<typeof schema> {}
