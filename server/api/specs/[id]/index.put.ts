import { saveSheetSchema } from '#shared/schemas/specs'
import { saveSheet, sheetFields, sheetOf } from '../../../db/sheets'
import { checkVersion } from '../../../db/versions'

export default answer(async event => {
  const { id } = sheetOf(useDb(), routeId(event))
  const { by, version: seen, ...typed } = await readChecked(event, saveSheetSchema)
  checkVersion(useDb(), { of: [['spec_sheets', id]], seen, now: sheetFields(sheetOf(useDb(), id)), typed })
  saveSheet(useDb(), id, typed, by)
  return { id, version: sheetOf(useDb(), id).version }
})
