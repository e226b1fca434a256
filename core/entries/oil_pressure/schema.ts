import { z } from 'zod'
import { figureIn, pressure } from '../../schema/quantities'
import { keyOf, longText, nullable } from '../../schema/words'
import { PRESSURE_BY } from '../../words/looks'

const READS = ['coldIdle', 'coldSpeed', 'warmIdle', 'warmSpeed'] as const

export const schema = z
  .strictObject({
    by: keyOf(PRESSURE_BY, 'Read by'),
    coldIdle: nullable(pressure('Cold, idling')),
    coldSpeed: nullable(pressure('Cold, at speed')),
    warmIdle: nullable(pressure('Warm, idling')),
    warmSpeed: nullable(pressure('Warm, at speed')),
    rpm: nullable(figureIn('Speed', 500, 20000, 'rpm')),
    oilC: nullable(figureIn('Oil temperature', -20, 170, '°C')),
    note: longText('Note'),
  })
  .refine(p => READS.some(k => p[k] !== null), {
    path: ['warmIdle'],
    message: 'Type one reading at least: warm and idling tells most.',
  })

/** Oil pressure cold and warm, idling and at speed, as the gauge showed it. */
export interface OilPressureBody extends z.infer<typeof schema> {}
