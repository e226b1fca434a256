import { z } from 'zod'
import { inner, signedPressure } from '../../schema/quantities'
import { longText } from '../../schema/words'

export const schema = z
  .strictObject({
    start: signedPressure('Start'),
    end: signedPressure('End'),
    seconds: z
      .number({ error: 'Seconds: type a figure.' })
      .min(5, 'Wait at least 5 seconds.')
      .max(3600, 'An hour is the most.'),
    note: longText('Note'),
  })
  .superRefine(({ start, end }, check) => {
    const [from, to] = [inner(start), inner(end)]
    if (Math.abs(from) < 10 || from > 70 || from < -80)
      check.addIssue({
        code: 'custom',
        path: ['start', 'value'],
        message:
          'Start between 10 and 70 kPa of pressure, or 10 and 80 kPa of vacuum (as a negative figure): more can turn lip seals inside out.',
      })
    else if (from * to < 0 || Math.abs(to) > Math.abs(from) + 0.5)
      check.addIssue({
        code: 'custom',
        path: ['end', 'value'],
        message: 'It can only fall towards nothing: check the gauge and the hose.',
      })
  })

/** A two-stroke crankcase under pressure, or vacuum as a negative figure. */
export interface CrankcaseBody extends z.infer<typeof schema> {}
