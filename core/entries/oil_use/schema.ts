import { z } from 'zod'
import { figureIn, volume } from '../../schema/quantities'
import { longText, nullable } from '../../schema/words'

export const schema = z.strictObject({
  topped: volume('Topped up').refine(q => q.value > 0, {
    path: ['value'],
    message: 'Topped up must be more than nothing.',
  }),
  over: figureIn('Over', 0.1, 100000, ''),
  unit: z.enum(['h', 'km'], { error: 'Over: choose hours or km.' }),
  perWeek: nullable(figureIn('Use in a week', 0.1, 20000, '')),
  note: longText('Note'),
})

export interface OilUseBody extends z.infer<typeof schema> {}
