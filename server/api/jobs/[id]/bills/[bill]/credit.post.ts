import type { GivenBill } from '#core/handover/bill'
import { creditSchema } from '#shared/schemas/bills'
import { creditBill } from '../../../../../db/bills'
import { jobOf } from '../../../../../db/jobs'

/** Takes a bill back by a credit note, with a number of its own. */
export default answer(async event => {
  const { id: jobId } = jobOf(useDb(), routeId(event))
  const { id, ...credit } = await readChecked(event, creditSchema)
  const billId = routeId(event, 'bill')
  return madeOnce<GivenBill>(event, { id, what: 'credit note', sent: { jobId, billId, ...credit } }, () =>
    creditBill(useDb(), jobId, billId, { id, ...credit }),
  )
})
