import { jobView } from '../../../db/jobs'
import { policyOf } from '../../../db/shop'
import { invoicePaper } from '../../../documents/handBack'
import { pdfOf } from '../../../documents/pdf'

export default answer(async (event) => {
  const view = jobView(useDb(), routeId(event))
  const pdf = await pdfOf(invoicePaper(view, policyOf(useDb()), new Date()))
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="remedium-T${view.number}-invoice.pdf"`)
  return pdf
})
