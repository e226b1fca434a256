import { findPhoto } from '../../../../db/photoFiles'
import { quotePhoto } from '../../../../db/quotes'
import { Refusal } from '../../../../db/refusal'

export default answer((event) => {
  const found = findPhoto(dataDir(), quotePhoto(useDb(), routeId(event, 'token'), routeId(event)), 'full')
  if (!found) throw new Refusal(404, 'This picture is not there any more.')
  setHeader(event, 'content-type', 'image/jpeg')
  setHeader(event, 'cache-control', 'private, max-age=3600')
  return found
})
