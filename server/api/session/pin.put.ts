import { newPinSchema } from '#shared/schemas/session'
import { checkTries, wrongPin } from '../../db/devices'
import { hashPin, isPin } from '../../db/pins'
import { pinOf, savePin } from '../../db/shop'

/** Whoever is at the bench takes another PIN. */
export default answer(async event => {
  const { pin, next } = await readChecked(event, newPinSchema)
  const me = await meOf(event)
  return oneByOne(async () => {
    const device = await deviceHere(event, true)
    checkTries(device)
    if (!(await isPin(pin, pinOf(useDb(), me.id)))) wrongPin(useDb(), device)
    savePin(useDb(), me.id, await hashPin(next))
    return { ok: true }
  })
})
