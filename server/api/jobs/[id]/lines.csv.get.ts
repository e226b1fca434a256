import { jobView } from '../../../db/jobs'
import { policyOf } from '../../../db/shop'
import { linesCsv } from '../../../documents/handBack'

export default answer(event => {
  const view = jobView(useDb(), routeId(event))
  setHeader(event, 'content-type', 'text/csv; charset=utf-8')
  setHeader(event, 'content-disposition', `attachment; filename="remedium-T${view.number}-lines.csv"`)
  return linesCsv(view, policyOf(useDb()))
})
