import { saveShelfSchema } from '#shared/schemas/parts'
import { saveShelf } from '../../../db/shelf'

export default answer(async event => {
  const { by, ...fields } = await readChecked(event, saveShelfSchema)
  return saveShelf(useDb(), routeId(event), fields, by)
})
