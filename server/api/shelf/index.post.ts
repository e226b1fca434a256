import { newShelfSchema } from '#shared/schemas/parts'
import { addShelf } from '../../db/shelf'
import { checkPerson } from '../../db/shop'

export default answer(async event => {
  const { id, by, ...fields } = await readChecked(event, newShelfSchema)
  checkPerson(useDb(), by)
  return madeOnce(event, { id, what: 'part for the shelf', sent: fields }, () => addShelf(useDb(), id, fields))
})
