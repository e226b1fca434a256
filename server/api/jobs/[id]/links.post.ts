import { jobOf } from '../../../db/jobs'

/** An address of the care page for the owner, told once. */
export default answer(event => {
  const { id } = jobOf(useDb(), routeId(event))
  const address = shopAddress()
  return giveSecret(event, 'care', id, token => `${address}/c/${token}`)
})
