import { z } from 'zod'
import { idText, keyOf, optionalText } from '../../schema/words'
import { WATCH_RESULTS } from '../../words/looks'

export const schema = z
  .strictObject({
    watchId: idText('What was looked at again'),
    result: keyOf(WATCH_RESULTS, 'How it was'),
    found: optionalText('What was found', 400),
  })
  .refine(d => d.result === 'fine' || d.found !== null, {
    path: ['found'],
    message: 'Say what was found, or why nobody looks any more.',
  })

/** What was to be looked at again, looked at: on this visit or a later one. */
export interface WatchDoneBody extends z.infer<typeof schema> {}
