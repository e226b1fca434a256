import { closedLines, outLines, todayJson } from '../../db/jobLines'

/** What stands on Today; with `before`, a page of those that were handed back, by their numbers, or with `out` of those not to be run. */
export default answer(event => {
  const { before, out } = getQuery(event)
  if (before !== undefined) return (out === undefined ? closedLines : outLines)(useDb(), beforeNumber(event))
  setHeader(event, 'content-type', 'application/json')
  return todayJson(useDb())
})
