import type { EventHandlerRequest, H3Event } from 'h3'
import { newLinkSchema } from '#shared/schemas/links'
import type { NewSecret } from '#shared/types/session'
import { newSecret } from '../db/secretLinks'

/** Gives a secret address out, once; asked again after a lost answer it is not told a second time. */
export async function giveSecret(
  event: H3Event<EventHandlerRequest>,
  kind: 'care' | 'calendar',
  jobId: string | null,
  address: (token: string) => string,
): Promise<NewSecret> {
  const { id, by } = await readChecked(event, newLinkSchema)
  return madeOnce<NewSecret>(
    event,
    { id, what: 'secret address', sent: { kind, jobId, by } },
    () => {
      const { token, ...line } = newSecret(useDb(), { id, kind, jobId, by })
      return { ...line, link: address(token) }
    },
    made => ({ ...made, link: null }),
  )
}
