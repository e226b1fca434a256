import { ulid } from 'ulid'
import { newPersonSchema } from '#shared/schemas/shop'
import { addPerson } from '../../../db/shop'

export default answer(async event => {
  const { id: asked, ...fields } = await readChecked(event, newPersonSchema)
  const id = asked ?? ulid()
  return madeOnce(event, { id, what: 'person', sent: fields }, () => addPerson(useDb(), fields, id))
})
