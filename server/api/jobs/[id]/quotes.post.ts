import { askOwnerSchema } from '#shared/schemas/owner'
import { jobOf } from '../../../db/jobs'
import { askOwner } from '../../../db/quotes'

/** Asks the owner by a link. It is told once, with the message that carries it; asked again after a lost answer it is not told a second time. */
export default answer(async event => {
  const { id: jobId } = jobOf(useDb(), routeId(event))
  const { id, ...ask } = await readChecked(event, askOwnerSchema)
  const address = shopAddress()
  const link = (token: string): string => `${address}/q/${token}`
  return madeOnce<{ id: string; expiresAt: string; link: string | null; text: string | null }>(
    event,
    { id, what: 'question to an owner', sent: { ...ask, jobId } },
    () => {
      const { token, expiresAt, text } = askOwner(useDb(), jobId, { ...ask, id, link })
      return { id, expiresAt, link: link(token), text }
    },
    ({ id: kept, expiresAt }) => ({ id: kept, expiresAt, link: null, text: null }),
  )
})
