import { shelfItem } from '../../../db/shelf'
import { shelfLabel } from '../../../documents/labels'
import { labelPdf } from '../../../documents/pdf'

export default answer(async event => {
  const item = shelfItem(useDb(), routeId(event))
  return showPdf(
    event,
    `remedium-S${item.number}`,
    await labelPdf(shelfLabel(item, `${shopAddress(event)}/shelf?part=${item.number}`)),
  )
})
