import { newSheetSchema } from '#shared/schemas/specs'
import { addSheet } from '../../db/sheets'
import { checkPerson } from '../../db/shop'

export default answer(async event => {
  const { id, by, ...sheet } = await readChecked(event, newSheetSchema)
  checkPerson(useDb(), by)
  const { name, engineClass, values, fill } = sheet
  return madeOnce(event, { id, what: 'sheet', sent: sheet }, () => ({
    id: addSheet(useDb(), name, engineClass, { values, fill }, id),
  }))
})
