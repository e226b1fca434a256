import { takingsOn } from '../db/bills'
import { takingsCsv } from '../documents/bill'

export default answer(event => {
  const day = askedDay(event)
  setHeader(event, 'content-type', 'text/csv; charset=utf-8')
  setHeader(event, 'content-disposition', `attachment; filename="remedium-takings-${day}.csv"`)
  return takingsCsv(takingsOn(useDb(), day))
})
