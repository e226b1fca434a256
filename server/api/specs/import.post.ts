import { z } from 'zod'
import { ENGINE_CLASSES } from '#core/engine/words'
import { idText, keyOf, nullable, shortText } from '#core/schema/words'
import { importSheet } from '../../documents/sheetFile'

const asked = z.strictObject({
  as: z.enum(['csv', 'json'], { error: 'Say whether it is CSV or JSON.' }),
  text: z
    .string({ error: 'The file is empty.' })
    .min(1, 'The file is empty.')
    .max(2_000_000, 'The file is too large: 2 MB is the most.'),
  sheetId: nullable(idText('Sheet')),
  name: nullable(shortText('Name of the sheet', 120)),
  engineClass: nullable(keyOf(ENGINE_CLASSES, 'Class of engine')),
  apply: z.boolean(),
  by: idText('Person'),
})

/** Reads a sheet; without `apply` nothing is changed and the answer says what would be. */
export default answer(async event => importSheet(useDb(), await readChecked(event, asked)))
