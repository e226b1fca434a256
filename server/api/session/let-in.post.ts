import { letInSchema } from '#shared/schemas/session'
import { codeOf, usedUp } from '../../db/devices'
import { Refusal } from '../../db/refusal'

/** Lets this browser in by a keeper's code. */
export default answer(async event => {
  const { code, deviceName } = await readChecked(event, letInSchema)
  checkCodeTries()
  const { first, madeBy } = wrongCodeCounts(() => codeOf(useDb(), code))
  if (first) throw new Refusal(409, 'This is the first link of the shop: open it as it was printed.')
  usedUp(useDb(), code)
  await letBrowserIn(event, deviceName, madeBy)
  return sessionView(event)
})
