import { z } from 'zod'
import { keyOf, longText } from '../../schema/words'
import { REST_ITEMS, REST_STATES } from '../../words/deciding'

export const schema = z.strictObject({
  ...(Object.fromEntries(
    Object.entries(REST_ITEMS).map(([k, word]) => [k, keyOf(REST_STATES, word)]),
  ) as unknown as Record<keyof typeof REST_ITEMS, z.ZodType<keyof typeof REST_STATES>>),
  note: longText('Note'),
})

/** The rest of the machine, place by place. */
export interface RestCheckBody extends z.infer<typeof schema> {}
