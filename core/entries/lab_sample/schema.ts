import { z } from 'zod'
import { day } from '../../schema/quantities'
import { keyOf, longText, nullable, optionalText, shortText } from '../../schema/words'
import { DEBRIS_PLACES } from '../../words/looks'

const figure = (what: string) =>
  z
    .number({ error: `${what}: type a figure.` })
    .min(0, `${what} can't be less than nothing.`)
    .max(1e6, `${what} is too large: check the decimal point.`)

export const schema = z
  .strictObject({
    place: keyOf(DEBRIS_PLACES, 'Taken from'),
    lab: shortText('Laboratory', 120),
    mark: optionalText('Mark on the bottle', 60),
    sentOn: nullable(day('Sent')),
    dueOn: nullable(day('Due')),
    results: z
      .array(
        z.strictObject({
          what: shortText('What was found', 80),
          value: figure('Figure'),
          unit: shortText('Unit', 20),
          /** the laboratory's own limit */
          limit: nullable(figure('Limit of the laboratory')),
        }),
      )
      .max(40, 'Forty figures are enough.'),
    says: optionalText('What the laboratory says', 1000),
    note: longText('Note'),
  })
  .refine(s => s.sentOn === null || s.dueOn === null || s.dueOn >= s.sentOn, {
    path: ['dueOn'],
    message: "It can't be due before it was sent.",
  })

/** A sample that was sent away, and what came back, by the laboratory's own limits. */
export interface LabSampleBody extends z.infer<typeof schema> {}
