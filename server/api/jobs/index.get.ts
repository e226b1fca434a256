import { closedLines, todayJson } from '../../db/jobLines'

/** What stands on Today; with `before`, a page of those that were handed back, by their numbers. */
export default answer(event => {
  if (getQuery(event).before !== undefined) return closedLines(useDb(), beforeNumber(event))
  setHeader(event, 'content-type', 'application/json')
  return todayJson(useDb())
})
