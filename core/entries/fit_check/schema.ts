import { z } from 'zod'
import { length } from '../../schema/quantities'
import { keyOf, longText, nullable, shortText } from '../../schema/words'
import { FIT_ITEMS, FIT_STATES } from '../../words/deciding'

export const schema = z.strictObject({
  engine: shortText('Which engine', 120),
  ...(Object.fromEntries(
    Object.entries(FIT_ITEMS).map(([k, word]) => [k, keyOf(FIT_STATES, word)]),
  ) as unknown as Record<keyof typeof FIT_ITEMS, z.ZodType<keyof typeof FIT_STATES>>),
  /** the new engine's figure, and what the frame needs; absent where nobody was asked */
  shaftHas: nullable(length('Shaft of the new one', 100)).optional(),
  shaftNeeds: nullable(length('Shaft that is needed', 100)).optional(),
  lengthHas: nullable(length('Length of its shaft', 500)).optional(),
  lengthNeeds: nullable(length('Length that is needed', 500)).optional(),
  note: longText('Note'),
})

/** Another engine held against this frame. */
export interface FitCheckBody extends z.infer<typeof schema> {}
