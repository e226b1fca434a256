import { z } from 'zod'
import { STAGES } from '../../log/words'
import { keyOf, optionalText } from '../../schema/words'

export const schema = z
  .strictObject({
    stage: keyOf(STAGES, 'Stage'),
    state: z.enum(['done', 'skipped', 'open']),
    reason: optionalText('Reason', 300),
  })
  .refine(s => s.state !== 'skipped' || s.reason, {
    path: ['reason'],
    message: 'Say in a few words why this stage is skipped.',
  })

export interface StageBody extends z.infer<typeof schema> {}
