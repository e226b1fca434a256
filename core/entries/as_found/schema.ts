import { z } from 'zod'
import { keyOf, shortText } from '../../schema/words'
import { AS_FOUND } from '../../words/opened'

export const schema = z.strictObject({
  cover: shortText('Cover or joint', 80),
  about: keyOf(AS_FOUND, 'What of it'),
  words: shortText('How it lay', 500),
})

/** How something lay before it was disturbed: locked once its cover came off. */
export interface AsFoundBody extends z.infer<typeof schema> {}
