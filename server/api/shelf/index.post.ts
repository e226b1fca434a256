import { newShelfSchema } from '#shared/schemas/parts'
import { once } from '../../db/deliveries'
import { addShelf } from '../../db/shelf'
import { checkPerson } from '../../db/shop'

export default answer(async event => {
  const { id, by, ...fields } = await readChecked(event, newShelfSchema)
  checkPerson(useDb(), by)
  const { answer: item, repeated } = once(useDb(), { id, what: 'part for the shelf', sent: fields }, () =>
    addShelf(useDb(), id, fields),
  )
  setResponseStatus(event, repeated ? 200 : 201)
  return item
})
