import type { Payment } from '#core/handover/bill'
import { paymentSchema } from '#shared/schemas/bills'
import { takePayment } from '../../../db/bills'
import { jobOf } from '../../../db/jobs'

/** Money that came, or went back: once, however often it is sent. */
export default answer(async event => {
  const { id: jobId } = jobOf(useDb(), routeId(event))
  const { id, ...paid } = await readChecked(event, paymentSchema)
  return madeOnce<Payment>(event, { id, what: 'payment', sent: { jobId, ...paid } }, () =>
    takePayment(useDb(), jobId, { id, ...paid }),
  )
})
