import { moveShelfSchema } from '#shared/schemas/parts'
import { moveShelf } from '../../../db/shelf'
import { checkPerson } from '../../../db/shop'

export default answer(async event => {
  const ask = await readChecked(event, moveShelfSchema)
  checkPerson(useDb(), ask.by)
  return moveShelf(useDb(), routeId(event), ask)
})
