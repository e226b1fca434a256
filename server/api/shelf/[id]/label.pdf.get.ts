import { shelfItem } from '../../../db/shelf'
import { shelfLabel } from '../../../documents/labels'
import { labelPdf } from '../../../documents/pdf'

export default answer(async (event) => {
  const item = shelfItem(useDb(), routeId(event))
  const base = useRuntimeConfig(event).shopUrl || `${getRequestProtocol(event)}://${getRequestHost(event)}`
  const pdf = await labelPdf(shelfLabel(item, `${base.replace(/\/$/, '')}/shelf?part=${item.number}`))
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="remedium-S${item.number}.pdf"`)
  return pdf
})
