import { z } from 'zod'
import { keyOf } from '../../schema/words'
import { SAFE_STEPS } from '../../words/looks'

export const schema = z.strictObject({
  done: z
    .array(keyOf(SAFE_STEPS, 'Step'))
    .refine(
      done => done.length === 0 || new Set(done).size === Object.keys(SAFE_STEPS).length,
      'Tick every step, or leave it and do it first.',
    ),
})

/** What was made safe before turning, tipping or opening: every step, or none once something was connected again. */
export interface MadeSafeBody extends z.infer<typeof schema> {}
