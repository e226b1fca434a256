import { moveShelfSchema } from '#shared/schemas/parts'
import { moveShelf } from '../../../db/shelf'

export default answer(async event => {
  const ask = await readChecked(event, moveShelfSchema)
  return moveShelf(useDb(), routeId(event), ask)
})
