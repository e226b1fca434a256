import { z } from 'zod'
import { MEASURES, MEASURE_PLANS } from '../../measure/items'
import { TOOLS } from '../../measure/tools'
import { inner, length } from '../../schema/quantities'
import { keyOf, longText, nullable, optionalText } from '../../schema/words'
import { DIAL_SWING, MEASURED_WHEN, RING_SHAPES } from '../../words/opened'

export const schema = z
  .strictObject({
    item: keyOf(MEASURES, 'What is measured'),
    reads: z.array(length('Reading', 500)).min(1, 'Type the reading.').max(6),
    tool: keyOf(TOOLS, 'Tool'),
    place: optionalText('Where', 60),
    when: keyOf(MEASURED_WHEN, 'When'),
    note: longText('Note'),
    /** of a dial: the whole swing, or half of it; absent where nobody was asked, and then the whole */
    swing: nullable(keyOf(DIAL_SWING, 'Dial reading')).optional(),
    /** of a ring: what its shape is by design; absent where nobody was asked */
    shape: nullable(keyOf(RING_SHAPES, 'Shape of the ring')).optional(),
    soldMm: z
      .array(
        z
          .number({ error: 'Sizes: type figures in mm with a space between.' })
          .min(0, "A size can't be less than nothing.")
          .max(100, 'A size of more than 100 mm is not sold.'),
      )
      .max(60, 'Sixty sizes are enough.')
      .nullish()
      .transform(s => s ?? []),
  })
  .superRefine(({ item, reads, swing }, check) => {
    if (MEASURE_PLANS[item]?.swing && swing === null)
      check.addIssue({
        code: 'custom',
        path: ['swing'],
        message: 'Say whether the dial shows the whole swing or half of it: the limit is of the whole.',
      })
    const asked = MEASURE_PLANS[item]?.reads ?? []
    if (reads.length !== asked.length)
      check.addIssue({
        code: 'custom',
        path: ['reads', reads.length],
        message: `${asked[reads.length] ?? 'Reading'}: type a figure.`,
      })
    // lengths that the figure is divided by
    else if (
      reads
        .slice(1)
        .some((r, i) => r.value <= 0 && !/Height|Right|Gasket now|Should stand out|other tip/.test(asked[i + 1] ?? ''))
    )
      check.addIssue({ code: 'custom', path: ['reads', 1], message: `${asked[1]} must be more than nothing.` })
    else {
      const fault = MEASURE_PLANS[item]?.fault?.(reads.map(inner))
      if (fault) check.addIssue({ code: 'custom', path: ['reads', fault.at], message: fault.message })
    }
  })

/** One size with its tool and its readings; sizes that are sold or at hand are in mm. */
export interface MeasureBody extends z.infer<typeof schema> {}
