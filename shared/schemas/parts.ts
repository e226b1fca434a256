import { ENGINE_CLASSES } from '#core/engine/words'
import { SHELF_GRADES } from '#core/words/deciding'
import { PARTS } from '#core/teardown/parts'
import { idText, keyOf, nullable, optionalText, shortText, versionText } from '#core/schema/words'
import { z } from 'zod'

export const importPricesSchema = z.strictObject({
  text: z
    .string({ error: 'The file is empty.' })
    .min(1, 'The file is empty.')
    .max(6_000_000, 'The file is too large: 6 MB is the most.'),
  supplier: optionalText('Supplier', 80),
  kind: z.enum(['retail', 'trade', 'donor'], { error: 'Prices are retail, trade or donor.' }),
  pricedOn: z.iso.date({ error: 'As of: give a date, for example 2026-11-25.' }),
  apply: z.boolean(),
  /** of the list as the dry run saw it; absent: it is applied without one */
  version: versionText.nullish(),
  by: idText('Person'),
})

const shelfFields = {
  name: shortText('What it is', 120),
  grade: keyOf(SHELF_GRADES, 'Grade'),
  tested: optionalText('Tested', 200),
  measured: optionalText('Measured', 200),
  place: shortText('Place', 80),
  priceMinor: nullable(
    z
      .number({ error: 'Price: type an amount.' })
      .int('The price has too many decimals.')
      .min(0, "The price can't be negative.")
      .max(1e9, 'The price is too large.'),
  ),
  quarantine: optionalText('Quarantine', 300),
}

export const saveShelfSchema = z.strictObject({ ...shelfFields, by: idText('Person'), version: versionText })

export const newShelfSchema = z.strictObject({
  ...shelfFields,
  by: idText('Person'),
  id: idText('Part'),
  part: nullable(keyOf(PARTS, 'Part')),
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  fromJobId: nullable(idText('Job')),
})

export const moveShelfSchema = z.strictObject({
  to: z.enum(['shelf', 'reserved', 'used', 'gone'], { error: 'Say where it goes.' }),
  jobId: nullable(idText('Job')),
  by: idText('Person'),
})
