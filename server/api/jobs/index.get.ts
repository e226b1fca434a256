import { closedLines, todayJson } from '../../db/jobLines'
import { Refusal } from '../../db/refusal'

/** What stands on Today; with `before`, a page of those that were handed back, by their numbers. */
export default answer(event => {
  const { before } = getQuery(event)
  if (before === undefined) {
    setHeader(event, 'content-type', 'application/json')
    return todayJson(useDb())
  }
  const number = Number(before)
  if (!Number.isInteger(number) || number < 0)
    throw new Refusal(422, 'Before which number: type a whole one.', [
      { field: 'before', message: 'Type a whole number.' },
    ])
  return closedLines(useDb(), number)
})
