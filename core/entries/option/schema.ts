import { z } from 'zod'
import { hoursField, moneyMinor } from '../../schema/quantities'
import { amount, idText, keyOf, nullable, optionalText, share, shortText } from '../../schema/words'
import { PARTS } from '../../teardown/parts'
import { LINE_TYPES, PRICE_KINDS, WAYS } from '../../words/deciding'

export const estimateLine = z
  .strictObject({
    id: idText('Line'),
    type: keyOf(LINE_TYPES, 'Kind of line'),
    text: shortText('Line', 200),
    why: optionalText('Why it is here', 400),
    low: amount('Low'),
    likely: amount('Likely'),
    high: amount('High'),
    chance: share('Chance'),
    priceKind: nullable(keyOf(PRICE_KINDS, 'Kind of price')),
    cures: z
      .boolean()
      .nullish()
      .transform(cures => cures ?? false),
    source: optionalText('Who the price is from', 120),
    pricedOn: nullable(z.iso.date({ error: 'Day of the price: give a date, for example 2026-11-25.' })),
    parts: z
      .array(
        z
          .string()
          .refine(key => Object.hasOwn(PARTS, key.split(':')[0] ?? ''), 'This part is not in the catalogue of parts.'),
      )
      .max(20, 'A line can be for twenty parts at most.')
      .optional(),
    lookMin: nullable(
      z
        .number({ error: 'Minutes of a look: type a figure.' })
        .min(1, 'A look takes at least a minute.')
        .max(2400, 'A look of more than 40 hours is the work itself.'),
    ),
  })
  .superRefine((line, check) => {
    if (line.low > line.likely)
      check.addIssue({ code: 'custom', path: ['low'], message: 'Low must not be more than likely.' })
    if (line.high < line.likely)
      check.addIssue({ code: 'custom', path: ['high'], message: 'High must not be less than likely.' })
  })

export const schema = z.strictObject({
  name: shortText('Name of this way', 80),
  way: keyOf(WAYS, 'Way'),
  lines: z.array(estimateLine).max(200, 'An option can hold 200 lines.'),
  valueAfterMinor: nullable(moneyMinor('Value afterwards')),
  successChance: share('Chance that it holds'),
  comebackMinor: moneyMinor('Cost if it comes back'),
  hoursOk: hoursField('Hours it will run'),
  hoursFail: hoursField('Hours if it fails'),
  daysDown: z
    .number({ error: 'Days down: type a figure.' })
    .min(0, "Days down can't be negative.")
    .max(730, 'More than two years is too long.')
    .nullish()
    .transform(d => d ?? 0),
  ruledOut: optionalText('Why it is ruled out', 200),
})

/** days that the machine stands; what a day costs its owner is in the terms */
export interface OptionBody extends z.infer<typeof schema> {}
