import { askOwnerSchema } from '#shared/schemas/owner'
import { jobOf } from '../../../db/jobs'
import { askOwner } from '../../../db/quotes'
import { checkPerson } from '../../../db/shop'

/** Asks the owner by a link. */
export default answer(async event => {
  const { id } = jobOf(useDb(), routeId(event))
  const ask = await readChecked(event, askOwnerSchema)
  checkPerson(useDb(), ask.by)
  const link = (token: string): string => `${shopAddress(event)}/q/${token}`
  const asked = askOwner(useDb(), id, { ...ask, link })
  setResponseStatus(event, 201)
  return { id: asked.id, expiresAt: asked.expiresAt, link: link(asked.token) }
})
