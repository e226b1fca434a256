import { personSchema } from '#shared/schemas/shop'
import { addPerson } from '../../../db/shop'

export default answer(async event => {
  const person = addPerson(useDb(), await readChecked(event, personSchema))
  setResponseStatus(event, 201)
  return person
})
