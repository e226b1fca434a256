import { z } from 'zod'
import { figureIn, pressure } from '../../schema/quantities'
import { count, keyOf, longText, nullable, ofCylinder } from '../../schema/words'
import { COMPRESSION_FEELS, RELEASE_STATES, TEMPERATURES } from '../../words/looks'

export const schema = z
  .strictObject({
    ofCylinder,
    feel: nullable(keyOf(COMPRESSION_FEELS, 'Feel')),
    dry: nullable(pressure('Dry reading')),
    wet: nullable(pressure('Wet reading')),
    throttleOpen: z.boolean(),
    pulls: nullable(count('Pulls', 1, 40)),
    temperature: keyOf(TEMPERATURES, 'Engine'),
    release: keyOf(RELEASE_STATES, 'Release'),
    /** oil put in for the wet reading; null: not known. Absent in readings from before it was asked */
    oilMl: nullable(figureIn('Oil put in', 0.01, 50, 'mL')).optional(),
    hoseMl: nullable(figureIn('Hose', 0, 200, 'mL')),
    altitudeM: nullable(figureIn('Height', -500, 5500, 'm')),
    note: longText('Note'),
  })
  .refine(c => c.dry !== null || c.feel !== null, {
    path: ['dry'],
    message: 'Give the dry reading, or how it feels by hand.',
  })
  .refine(c => c.wet === null || c.dry !== null, {
    path: ['dry'],
    message: 'A wet reading needs the dry one beside it.',
  })

/** where it was read, when not at the shop's own height */
export interface CompressionBody extends z.infer<typeof schema> {}
