import { jobView } from '../../../db/jobs'
import { findPhoto } from '../../../db/photoFiles'
import { quoteById } from '../../../db/quotes'
import { policyOf } from '../../../db/shop'
import { pdfOf } from '../../../documents/pdf'
import { quotePaper } from '../../../documents/quote'

/** A quote on paper, as it was shown. */
export default answer(async event => {
  const view = jobView(useDb(), routeId(event))
  const line = quoteById(useDb(), view.id, String(getQuery(event).quote ?? ''))
  return showPdf(
    event,
    `remedium-T${view.number}-quote`,
    await pdfOf(quotePaper(view, line, policyOf(useDb()), id => findPhoto(dataDir(), id, 'full'))),
  )
})
