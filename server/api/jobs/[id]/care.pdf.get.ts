import { jobView } from '../../../db/jobs'
import { peopleOf, policyOf } from '../../../db/shop'
import { carePaper } from '../../../documents/handBack'
import { pdfOf } from '../../../documents/pdf'

export default answer(async event => {
  const view = jobView(useDb(), routeId(event))
  return showPdf(
    event,
    `remedium-T${view.number}-care`,
    await pdfOf(carePaper(view, policyOf(useDb()), peopleOf(useDb()), new Date())),
  )
})
