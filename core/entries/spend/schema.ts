import { z } from 'zod'
import { figureIn, moneyMinor } from '../../schema/quantities'
import { nullable, shortText } from '../../schema/words'

export const schema = z
  .strictObject({
    what: shortText('What was done', 200),
    startedAt: nullable(z.iso.datetime({ offset: true, error: 'Start: give a date and time.' })),
    endedAt: nullable(z.iso.datetime({ offset: true, error: 'End: give a date and time.' })),
    minutes: nullable(figureIn('Minutes', 0, 6000, 'min')),
    costMinor: nullable(moneyMinor('Spent')),
  })
  .refine(s => s.startedAt !== null || s.minutes !== null || s.costMinor !== null, {
    path: ['minutes'],
    message: 'Type the minutes, or what was spent, or start the clock.',
  })
  .refine(s => s.endedAt === null || (s.startedAt !== null && Date.parse(s.endedAt) >= Date.parse(s.startedAt)), {
    path: ['endedAt'],
    message: 'The clock must stop after it started.',
  })

/** Time and money put into a job; a clock that still runs has no end yet. */
export interface SpendBody extends z.infer<typeof schema> {}
