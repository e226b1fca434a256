import { ulid } from 'ulid'
import { newPersonSchema } from '#shared/schemas/shop'
import { once } from '../../../db/deliveries'
import { addPerson } from '../../../db/shop'

export default answer(async event => {
  const { id: asked, ...fields } = await readChecked(event, newPersonSchema)
  const id = asked ?? ulid()
  const { answer: person, repeated } = once(useDb(), { id, what: 'person', sent: fields }, () =>
    addPerson(useDb(), fields, id),
  )
  setResponseStatus(event, repeated ? 200 : 201)
  return person
})
