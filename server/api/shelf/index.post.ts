import { newShelfSchema } from '#shared/schemas/parts'
import { addShelf } from '../../db/shelf'

export default answer(async event => {
  const { id, by: _, ...fields } = await readChecked(event, newShelfSchema)
  const item = addShelf(useDb(), id, fields)
  setResponseStatus(event, 201)
  return item
})
