import { z } from 'zod'
import { keyOf, longText } from '../../schema/words'
import { LIQUIDS, LOCK_RESULTS, LOCK_STEPS } from '../../words/looks'

export const schema = z
  .strictObject({
    step: keyOf(LOCK_STEPS, 'Step'),
    result: keyOf(LOCK_RESULTS, 'What happened'),
    /** what ran out, chosen; absent in steps from before it was asked */
    liquid: keyOf(LIQUIDS, 'What ran out').nullish(),
    note: longText('Note'),
  })
  .refine(l => l.result !== 'liquid' || l.step === 'plug_out', {
    path: ['result'],
    message: 'Liquid comes out only with the plug out.',
  })

export interface LockStepBody extends z.infer<typeof schema> {}
