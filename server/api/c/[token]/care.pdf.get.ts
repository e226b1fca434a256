import { openedBy } from '../../../db/secretLinks'

export default answer(event => {
  const { jobId } = openedBy(useDb(), routeId(event, 'token'), 'care')
  setHeader(event, 'referrer-policy', 'no-referrer')
  return sendPaper(event, 'care', { jobId: jobId ?? '' })
})
