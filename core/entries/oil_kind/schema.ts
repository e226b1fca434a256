import { z } from 'zod'
import { keyOf, optionalText } from '../../schema/words'
import { OIL_KINDS, RATED } from '../../words/looks'

export const schema = z.strictObject({
  what: keyOf(OIL_KINDS, 'Kind of oil'),
  grade: optionalText('Grade', 60),
  wetClutch: keyOf(RATED, 'Wet-clutch rating'),
  antiWear: keyOf(RATED, 'Anti-wear additive'),
  reason: optionalText('Why this oil', 300),
})

/** The oil on the shelf or in the engine, against what the engine asks. */
export interface OilKindBody extends z.infer<typeof schema> {}
