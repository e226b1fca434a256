import { z } from 'zod'
import { count, keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { torque } from '../../schema/quantities'
import { FOUND_TIGHT } from '../../words/looks'
import { STUCK_METHODS } from '../../words/opened'

export const schema = z
  .strictObject({
    cover: shortText('Cover or joint', 80),
    what: shortText('Size and where', 300),
    tool: optionalText('Tool', 80),
    out: count('Out', 1, 99),
    back: nullable(count('Back', 0, 99)),
    stuck: z.array(keyOf(STUCK_METHODS, 'Method')).max(7),
    minutes: nullable(count('Minutes', 0, 600)),
    broke: optionalText('What broke', 200),
    /** what it usually takes; absent where nobody was asked */
    usualMinutes: nullable(count('Usual time', 0, 600)).optional(),
    /** how each was as it was undone: found loose, its torque, broke */
    found: z
      .array(
        z.strictObject({
          where: shortText('Which one', 80),
          state: keyOf(FOUND_TIGHT, 'How it was'),
          torque: nullable(torque('Torque it came loose at')),
        }),
      )
      .max(40, 'Forty fasteners are enough for one cover.')
      .optional(),
    /** tank away, shut, rags out: ticked before heat or sparks */
    fireAway: z.boolean().nullish(),
  })
  .refine(f => f.minutes === null || f.stuck.length > 0, {
    path: ['stuck'],
    message: 'Say how the stuck one was got out.',
  })

/** null until it goes together again */
export interface FastenersBody extends z.infer<typeof schema> {}
