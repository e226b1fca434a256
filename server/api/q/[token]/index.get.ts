import { quotePage } from '../../../db/quotes'

export default answer(event => {
  setHeader(event, 'cache-control', 'no-store')
  setHeader(event, 'referrer-policy', 'no-referrer')
  return quotePage(useDb(), routeId(event, 'token'))
})
