import { withdrawLinkSchema } from '#shared/schemas/links'
import { withdrawLink } from '../../../db/secretLinks'

/** Takes a secret address back: from now on nothing is there. */
export default answer(async event => {
  await readChecked(event, withdrawLinkSchema)
  return withdrawLink(useDb(), routeId(event))
})
