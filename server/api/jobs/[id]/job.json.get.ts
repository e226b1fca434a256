import { jobBills } from '../../../db/bills'
import { jobView } from '../../../db/jobs'
import { policyOf } from '../../../db/shop'
import { jobJson } from '../../../documents/jobFile'

export default answer(event => {
  const view = jobView(useDb(), routeId(event))
  setHeader(event, 'content-type', 'application/json')
  setHeader(event, 'content-disposition', `attachment; filename="remedium-T${view.number}.json"`)
  return jobJson(view, policyOf(useDb()).currency, jobBills(useDb(), view.id))
})
