import { z } from 'zod'
import { volume } from '../../schema/quantities'
import { keyOf, longText, nullable } from '../../schema/words'
import { FUEL_WORDS } from '../../words/looks'

export const schema = z.strictObject({
  fuel: volume('Fuel in the can', 1e6).refine(q => q.value > 0, {
    path: ['value'],
    message: 'Fuel in the can must be more than nothing.',
  }),
  oil: volume('Oil in it', 1e6),
  makerRatio: z
    .number({ error: "Maker's ratio: type the first figure, for example 50 for 50:1." })
    .min(8, "Maker's ratio must be at least 8:1.")
    .max(200, "Maker's ratio can be at most 200:1."),
  fuelType: nullable(keyOf(FUEL_WORDS, 'Fuel')),
  fuelDays: nullable(
    z
      .number({ error: 'Age of the fuel: type days.' })
      .min(0, "Age of the fuel can't be negative.")
      .max(20000, 'Age of the fuel: that is more than fifty years.'),
  ),
  stabilised: z.boolean(),
  note: longText('Note'),
})

/** The can that a two-stroke was fed from. */
export interface MixBody extends z.infer<typeof schema> {}
