import { newSheetSchema } from '#shared/schemas/specs'
import { addSheet } from '../../db/sheets'

export default answer(async event => {
  const { id, by, ...sheet } = await readChecked(event, newSheetSchema)
  const { name, engineClass, values, fill } = sheet
  return madeOnce(event, { id, what: 'sheet', sent: sheet }, () => ({
    id: addSheet(useDb(), name, engineClass, { values, fill }, id),
  }))
})
