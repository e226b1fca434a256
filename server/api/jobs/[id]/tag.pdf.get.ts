import { jobTag } from '../../../documents/labels'
import { labelPdf } from '../../../documents/pdf'
import { jobView } from '../../../db/jobs'
import { policyOf } from '../../../db/shop'

/** A tag to tie on; its square opens the job. */
export default answer(async (event) => {
  const view = jobView(useDb(), routeId(event))
  const base = useRuntimeConfig().shopUrl || getRequestURL(event).origin
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="tag-T${view.number}.pdf"`)
  return await labelPdf(jobTag(view, policyOf(useDb()), `${base}/jobs/${view.id}`))
})
