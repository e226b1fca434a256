import { ulid } from 'ulid'
import { saveSheetSchema } from '#shared/schemas/specs'
import { addSheet } from '../../db/sheets'

export default answer(async event => {
  const { name, engineClass, values, fill } = await readChecked(event, saveSheetSchema)
  const id = ulid()
  addSheet(useDb(), name, engineClass, { values, fill }, id)
  setResponseStatus(event, 201)
  return { id }
})
