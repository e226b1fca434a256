import { askOwnerSchema } from '#shared/schemas/records'
import { jobOf } from '../../../db/jobs'
import { askOwner } from '../../../db/quotes'
import { Refusal } from '../../../db/refusal'
import { personOf } from '../../../db/shop'

/** Asks the owner by a link. */
export default answer(async (event) => {
  const { id } = jobOf(useDb(), routeId(event))
  const ask = await readChecked(event, askOwnerSchema)
  if (!personOf(useDb(), ask.by)) throw new Refusal(422, 'Say who is at the bench.', [{ field: 'by', message: 'Choose one of the shop\'s people.' }])
  const base = useRuntimeConfig(event).shopUrl || `${getRequestProtocol(event)}://${getRequestHost(event)}`
  const link = (token: string): string => `${base.replace(/\/$/, '')}/q/${token}`
  const asked = askOwner(useDb(), id, { ...ask, link })
  setResponseStatus(event, 201)
  return { id: asked.id, expiresAt: asked.expiresAt, link: link(asked.token) }
})
