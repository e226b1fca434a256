import { z } from 'zod'
import { keyOf, longText, nullable } from '../../schema/words'
import { BREATHER_STATES, FILTER_STATES } from '../../words/looks'

export const schema = z.strictObject({
  filter: keyOf(FILTER_STATES, 'Air filter'),
  breather: nullable(keyOf(BREATHER_STATES, 'Breather')),
  note: longText('Note'),
})

export interface AirFilterBody extends z.infer<typeof schema> {}
