import { jobTag } from '../../../documents/labels'
import { labelPdf } from '../../../documents/pdf'
import { assess } from '#core/assess'
import { jobFile, jobView } from '../../../db/jobs'
import { policyOf } from '../../../db/shop'

/** A tag to tie on; its square opens the job. */
export default answer(async event => {
  const view = jobView(useDb(), routeId(event))
  const { stops } = assess(jobFile(useDb(), view.id))
  return showPdf(
    event,
    `tag-T${view.number}`,
    await labelPdf(jobTag(view, policyOf(useDb()), `${shopAddress(event)}/jobs/${view.id}`, stops)),
  )
})
