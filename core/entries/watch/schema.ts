import { z } from 'zod'
import { day, figureIn } from '../../schema/quantities'
import { keyOf, nullable, shortText } from '../../schema/words'
import { CALENDAR } from '../../units/calendar'

export const schema = z
  .strictObject({
    what: shortText('What to look at again', 200),
    /** from here on: running time, distance, or by the calendar; whichever comes first */
    afterHours: nullable(figureIn('After running', 0.1, 10_000, 'h')),
    afterKm: nullable(figureIn('After a distance of', 1, 500_000, 'km')),
    after: nullable(figureIn('After', 1, 520, 'days, weeks, months or years')),
    unit: nullable(keyOf(CALENDAR, 'Days, weeks, months or years')),
    onDay: nullable(day('On')),
    why: nullable(shortText('Why', 300)),
  })
  .refine(w => w.afterHours !== null || w.afterKm !== null || w.after !== null || w.onDay !== null, {
    path: ['afterHours'],
    message: 'Say when: after how many hours or km, after how long, or on which day.',
  })
  .refine(w => w.after === null || w.unit !== null, {
    path: ['unit'],
    message: 'Say whether that is days, weeks, months or years.',
  })

/** Something to be looked at again, and when. */
export interface WatchBody extends z.infer<typeof schema> {}
