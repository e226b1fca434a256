import type { GivenBill } from '#core/handover/bill'
import { giveBillSchema } from '#shared/schemas/bills'
import { giveBill } from '../../../../db/bills'
import { jobOf } from '../../../../db/jobs'

/** Gives a bill its number: once, however often it is sent. */
export default answer(async event => {
  const { id: jobId } = jobOf(useDb(), routeId(event))
  const { id, by, bill } = await readChecked(event, giveBillSchema)
  return madeOnce<GivenBill>(event, { id, what: 'bill', sent: { jobId, by, bill } }, () =>
    giveBill(useDb(), jobId, { id, by }, bill),
  )
})
