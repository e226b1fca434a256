import { assess } from '#core/assess'
import { CARE_CAUTION, careSections } from '#core/handover/careSections'
import { notToRun } from '#core/judgement'
import type { CarePage } from '#shared/types/session'
import { fileOf, jobView } from '../../../db/jobs'
import { openedBy } from '../../../db/secretLinks'
import { policyOf } from '../../../db/shop'

/** How the owner looks after this machine: nothing of the job, of its figures or of its owner. */
export default answer((event): CarePage => {
  setHeader(event, 'cache-control', 'no-store')
  setHeader(event, 'referrer-policy', 'no-referrer')
  const view = jobView(useDb(), openedBy(useDb(), routeId(event, 'token'), 'care').jobId ?? '')
  const policy = policyOf(useDb())
  const file = fileOf(view, policy)
  return {
    shopName: policy.shopName,
    shopAddress: policy.shopAddress,
    machineName: view.machine.name,
    number: view.number,
    warnings: notToRun(assess(file).stops).map(s => `${s.title}: ${s.reason}`),
    sections: careSections(file),
    caution: CARE_CAUTION,
  }
})
