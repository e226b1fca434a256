import { z } from 'zod'
import { wordList } from '../../schema/quantities'
import { optionalText } from '../../schema/words'

export const schema = z
  .strictObject({
    here: wordList('What is here'),
    missing: wordList('What is missing'),
    from: optionalText('From whom', 200),
  })
  .refine(b => b.here.length + b.missing.length > 0, {
    path: ['here'],
    message: 'Write down at least one thing that is here or missing.',
  })

/** A machine that arrives in pieces: what is in the box and what is not. */
export interface InventoryBody extends z.infer<typeof schema> {}
