import { z } from 'zod'
import { keyOf, longText, nullable } from '../../schema/words'
import { SMOKE_AFTER, SMOKE_COLOURS, SMOKE_MOMENTS, SMOKE_SMELLS } from '../../words/looks'

export const schema = z.strictObject({
  colour: keyOf(SMOKE_COLOURS, 'Colour of the smoke'),
  moment: nullable(keyOf(SMOKE_MOMENTS, 'When it smokes')),
  after: nullable(keyOf(SMOKE_AFTER, 'After what')),
  smell: nullable(keyOf(SMOKE_SMELLS, 'Smell of the smoke')),
  note: longText('Note'),
})

export interface SmokeBody extends z.infer<typeof schema> {}
