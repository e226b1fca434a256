import { findPhoto } from '../../../db/photoFiles'
import { jobRecord } from '../../../documents/jobRecord'
import { pdfOf } from '../../../documents/pdf'
import { jobView } from '../../../db/jobs'
import { peopleOf, policyOf } from '../../../db/shop'

export default answer(async event => {
  const view = jobView(useDb(), routeId(event))
  return showPdf(
    event,
    `remedium-T${view.number}`,
    await pdfOf(
      jobRecord(view, policyOf(useDb()), peopleOf(useDb()), new Date(), id => findPhoto(dataDir(), id, 'full')),
    ),
  )
})
