import { z } from 'zod'
import { TIP_PCT, TOP_PCT } from '../../oil/fillMarks'
import { volume } from '../../schema/quantities'
import { keyOf, longText, nullable } from '../../schema/words'
import {
  OIL_COLOURS,
  OIL_GLITTER,
  OIL_HISTORY,
  OIL_READ_WHEN,
  OIL_SMELLS,
  OIL_THICKNESS,
  WHERE_GONE,
} from '../../words/looks'

export const schema = z.strictObject({
  reading: z.discriminatedUnion(
    'by',
    [
      z.strictObject({
        by: z.literal('marks'),
        pct: z
          .number({ error: 'Oil level: drag the mark or type a figure.' })
          .min(TIP_PCT, `The stick ends at ${TIP_PCT} %: log it as dry.`)
          .max(TOP_PCT, `More than ${TOP_PCT} % on the stick: drain it and give the volume.`),
      }),
      z.strictObject({ by: z.literal('dry') }),
      z.strictObject({
        by: z.literal('scale'),
        mm: z
          .number({ error: 'Reading: type mm, as in the fill table.' })
          .min(-50, 'The reading must be at least −50 mm.')
          .max(1000, 'The reading can be at most 1,000 mm.'),
      }),
      z.strictObject({ by: z.literal('volume'), amount: volume('Drained oil') }),
    ],
    { error: 'Say how the oil was read: on the stick, dry, or drained.' },
  ),
  colour: nullable(keyOf(OIL_COLOURS, 'Colour')),
  thickness: nullable(keyOf(OIL_THICKNESS, 'Thickness')),
  smell: nullable(keyOf(OIL_SMELLS, 'Smell')),
  glitter: nullable(keyOf(OIL_GLITTER, 'Glitter')),
  whereGone: nullable(keyOf(WHERE_GONE, 'Where it went')),
  /** whether anybody knows what oil it is and when it went in; absent where nobody was asked */
  history: nullable(keyOf(OIL_HISTORY, 'What is known of it')).optional(),
  /** an engine with its oil in a tank: read after running, or after standing; absent where nobody was asked */
  readWhen: nullable(keyOf(OIL_READ_WHEN, 'Read when')).optional(),
  note: longText('Note'),
})

export interface OilBody extends z.infer<typeof schema> {}
export type OilReading = OilBody['reading']
