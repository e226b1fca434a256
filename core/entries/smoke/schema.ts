import { z } from 'zod'
import { keyOf, longText, nullable } from '../../schema/words'
import {
  COOLANT_LEVELS,
  SMOKE_AFTER,
  SMOKE_COLOURS,
  SMOKE_MOMENTS,
  SMOKE_SMELLS,
  TEMPERATURES,
} from '../../words/looks'

export const schema = z.strictObject({
  colour: keyOf(SMOKE_COLOURS, 'Colour of the smoke'),
  moment: nullable(keyOf(SMOKE_MOMENTS, 'When it smokes')),
  after: nullable(keyOf(SMOKE_AFTER, 'After what')),
  smell: nullable(keyOf(SMOKE_SMELLS, 'Smell of the smoke')),
  /** of what the smoke's colour alone can't tell; absent where nobody was asked */
  engine: nullable(keyOf(TEMPERATURES, 'Engine')).optional(),
  coolant: nullable(keyOf(COOLANT_LEVELS, 'Coolant')).optional(),
  note: longText('Note'),
})

export interface SmokeBody extends z.infer<typeof schema> {}
