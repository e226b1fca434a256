import { readPhoto } from '../../../../db/photoFiles'
import { photoOf } from '../../../../db/photos'
import { quotePhoto } from '../../../../db/quotes'

export default answer(event => {
  const data = readPhoto(
    dataDir(),
    photoOf(useDb(), quotePhoto(useDb(), routeId(event, 'token'), routeId(event))),
    'full',
  )
  setHeader(event, 'content-type', 'image/jpeg')
  setHeader(event, 'cache-control', 'private, max-age=3600')
  return data
})
