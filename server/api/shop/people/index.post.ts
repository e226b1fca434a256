import { ulid } from 'ulid'
import { newPersonSchema } from '#shared/schemas/shop'
import { hashPin } from '../../../db/pins'
import { addPerson } from '../../../db/shop'

export default answer(async event => {
  const { id: asked, pin, ...fields } = await readChecked(event, newPersonSchema)
  const id = asked ?? ulid()
  const hashed = pin ? await hashPin(pin) : null
  // the PIN is no part of what a second delivery is compared by: it is kept nowhere but as its hash
  return madeOnce(event, { id, what: 'person', sent: fields }, () => addPerson(useDb(), fields, id, hashed))
})
