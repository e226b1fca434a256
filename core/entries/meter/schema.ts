import { z } from 'zod'
import { figureIn } from '../../schema/quantities'
import { keyOf, nullable } from '../../schema/words'
import { METER_SOURCES, METER_UNITS } from '../../words/counter'

export const schema = z
  .strictObject({
    reading: nullable(
      z
        .number({ error: 'Running time: type a figure.' })
        .min(0, "Running time can't be negative.")
        .max(1e7, 'Running time is too large: check the decimal point.'),
    ),
    unit: keyOf(METER_UNITS, 'Unit of the running time'),
    source: keyOf(METER_SOURCES, 'Where the running time comes from'),
    pattern: nullable(
      z.strictObject({
        hoursPerDay: figureIn('Hours a day', 0.1, 24, 'hours'),
        daysPerWeek: figureIn('Days a week', 0.1, 7, 'days'),
        months: figureIn('Months', 0.1, 1200, 'months'),
      }),
    ),
  })
  .refine(m => m.pattern === null || m.source === 'estimated', {
    path: ['source'],
    message: 'Worked out from use it is an estimate, not a reading.',
  })

/** How long it has run: read, claimed, or worked out from how it is used. */
export interface MeterBody extends z.infer<typeof schema> {}
export type UsePattern = NonNullable<MeterBody['pattern']>
