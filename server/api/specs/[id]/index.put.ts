import { saveSheetSchema } from '#shared/schemas/specs'
import { saveSheet, sheetOf } from '../../../db/sheets'

export default answer(async event => {
  const { id } = sheetOf(useDb(), routeId(event))
  const { by, ...sheet } = await readChecked(event, saveSheetSchema)
  saveSheet(useDb(), id, sheet, by)
  return { id }
})
