import { firstSchema } from '#shared/schemas/session'
import { hashPin } from '../../db/pins'
import { startShop } from '../../db/firstPerson'

/** The shop gets its name and the person who keeps it, and this browser is let in. */
export default answer(async event => {
  const asked = await readChecked(event, firstSchema)
  checkCodeTries()
  const hashed = await hashPin(asked.pin)
  const personId = wrongCodeCounts(() => startShop(useDb(), asked, hashed))
  const device = await letBrowserIn(event, asked.deviceName, personId)
  comeToTheBench(device, personId)
  return sessionView(event)
})
