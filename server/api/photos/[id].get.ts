import { readPhoto } from '../../db/photoFiles'
import { photoOf } from '../../db/photos'

export default answer(event => {
  const kept = photoOf(useDb(), routeId(event))
  const data = readPhoto(dataDir(), kept, getQuery(event).size === 'small' ? 'small' : 'full')
  setHeader(event, 'content-type', 'image/jpeg')
  // a picture never changes once it is kept
  setHeader(event, 'cache-control', 'private, max-age=31536000, immutable')
  return data
})
