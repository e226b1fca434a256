import { z } from 'zod'
import { keyOf, longText, shortText } from '../../schema/words'
import { FIT_ITEMS, FIT_STATES } from '../../words/deciding'

export const schema = z.strictObject({
  engine: shortText('Which engine', 120),
  ...(Object.fromEntries(
    Object.entries(FIT_ITEMS).map(([k, word]) => [k, keyOf(FIT_STATES, word)]),
  ) as unknown as Record<keyof typeof FIT_ITEMS, z.ZodType<keyof typeof FIT_STATES>>),
  note: longText('Note'),
})

/** Another engine held against this frame. */
export interface FitCheckBody extends z.infer<typeof schema> {}
