import { z } from 'zod'
import { volume } from '../../schema/quantities'
import { keyOf, nullable } from '../../schema/words'
import { SEEN } from '../../words/looks'

export const schema = z
  .strictObject({
    startedAt: z.iso.datetime({ offset: true, error: 'Start: give a date and time.' }),
    endedAt: nullable(z.iso.datetime({ offset: true, error: 'End: give a date and time.' })),
    seen: nullable(keyOf(SEEN, 'What was seen')),
    /** what the paper or the can caught; absent where nobody was asked */
    caught: nullable(volume('Caught')).optional(),
    minimumHours: z
      .number({ error: 'Hours to stand: type a figure.' })
      .min(1, 'A stand test takes at least 1 hour.')
      .max(72, 'A stand test takes at most 72 hours.'),
  })
  .refine(t => t.endedAt === null || Date.parse(t.endedAt) > Date.parse(t.startedAt), {
    path: ['endedAt'],
    message: 'The test must end after it started.',
  })
  .refine(t => t.endedAt === null || t.seen !== null, {
    path: ['seen'],
    message: 'Say what was seen on the paper: dry, damp or liquid.',
  })
  .refine(t => !t.caught || t.caught.value === 0 || (t.seen !== null && t.seen !== 'none'), {
    path: ['seen'],
    message: 'Something was caught: then it was not dry. Say damp or liquid.',
  })

/** Fuel on, standing over dry paper; ended by a correction that says what was seen. */
export interface StandTestBody extends z.infer<typeof schema> {}
