import { z } from 'zod'
import { DEBRIS_AMOUNTS, DEBRIS_MATERIALS } from '../../debris/debrisTables'
import { figureIn, hoursField } from '../../schema/quantities'
import { keyOf, longText, nullable } from '../../schema/words'
import { DEBRIS_PLACES } from '../../words/looks'

export const debrisItem = z
  .strictObject({
    magnet: nullable(z.enum(['takes', 'leaves'], { error: 'Say whether the magnet takes it or leaves it.' })),
    material: z.enum(DEBRIS_MATERIALS, { error: "Say what it is made of, or “can't tell”." }),
    amount: z.enum(DEBRIS_AMOUNTS, { error: 'Say how much there is.' }),
    /** pieces in 100 mL, where somebody counted them; absent where nobody was asked */
    per100Ml: nullable(figureIn('Pieces in 100 mL', 0, 1_000_000, 'pieces')).optional(),
    largestUm: nullable(
      z
        .number({ error: 'Largest piece: type a size.' })
        .min(1, 'Largest piece must be at least 0.001 mm.')
        .max(50000, "Largest piece can't be more than 50 mm."),
    ),
  })
  .refine(item => item.largestUm !== null || item.material === 'emulsion', {
    path: ['largestUm'],
    message: 'Say how large the largest piece is, by eye will do.',
  })

export const schema = z.strictObject({
  place: keyOf(DEBRIS_PLACES, 'Where it was found'),
  items: z.array(debrisItem).max(16, 'At most 16 kinds of debris in one sample.'),
  hoursSinceOil: nullable(hoursField('Hours on this oil')),
  hoursSinceRebuild: nullable(hoursField('Hours since new or rebuilt')),
  /** the same by what the machine counts, or by the calendar where it counts nothing */
  kmSinceRebuild: nullable(figureIn('Since new or rebuilt', 0, 1_000_000, 'km')).optional(),
  monthsSinceRebuild: nullable(figureIn('Since new or rebuilt', 0, 1200, 'months')).optional(),
  control: z
    .enum(['none', 'same', 'more', 'less'])
    .nullish()
    .transform(c => c ?? 'none'),
  /** pieces in 100 mL of the control */
  controlPer100Ml: nullable(figureIn('Pieces in 100 mL of the control', 0, 1_000_000, 'pieces')).optional(),
  /** what the control was: a sound engine clears, an unused part of the batch convicts the batch */
  controlOf: z.enum(['sound_engine', 'unused_part']).nullish(),
  note: longText('Note'),
})

/** What was found at one place, and what it was held beside. */
export interface DebrisBody extends z.infer<typeof schema> {}
