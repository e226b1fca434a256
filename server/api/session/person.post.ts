import { comeSchema } from '#shared/schemas/session'
import { checkTries, wrongPin } from '../../db/devices'
import { isPin } from '../../db/pins'
import { Refusal } from '../../db/refusal'
import { personOf, pinOf } from '../../db/shop'

/** Somebody comes to the bench at this device. */
export default answer(async event => {
  const { personId, pin } = await readChecked(event, comeSchema)
  checkTries(await deviceHere(event))
  const person = personOf(useDb(), personId)
  if (person?.active && !person.hasPin)
    throw new Refusal(409, `${person.name} has no PIN yet: a keeper gives one under Shop, People.`, [
      { field: 'personId', message: 'No PIN yet.' },
    ])
  // looked at one after the other, whatever is sent at once
  return oneByOne(async () => {
    const device = await deviceHere(event, true)
    checkTries(device)
    const right = await isPin(pin, person?.active ? pinOf(useDb(), personId) : null)
    if (!right) wrongPin(useDb(), device)
    comeToTheBench(device.id, personId)
    return sessionView(event)
  })
})
