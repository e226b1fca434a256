import { z } from 'zod'
import { ENGINE_CLASSES } from '#core/engine/words'
import { idText, keyOf, nullable, shortText, versionText } from '#core/schema/words'
import { once } from '../../db/deliveries'
import { Refusal } from '../../db/refusal'
import { sheetOf } from '../../db/sheets'
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
  /** of the sheet as the dry run saw it; absent: it is applied without one */
  version: versionText.nullish(),
  /** of what is applied, made by the sender: sent twice it is one import */
  id: idText('Import').nullish(),
  by: idText('Person'),
})

/** Reads a sheet; without `apply` nothing is changed and the answer says what would be. */
export default answer(async event => {
  const { version, id, ...ask } = await readChecked(event, asked)
  const work = () => {
    if (ask.apply && version && ask.sheetId !== null && sheetOf(useDb(), ask.sheetId).version !== version)
      throw new Refusal(409, 'Somebody changed this sheet since it was compared: look at it once more, then put it in.')
    return importSheet(useDb(), ask)
  }
  return ask.apply && id ? once(useDb(), { id, what: 'import of a sheet', sent: ask }, work).answer : work()
})
