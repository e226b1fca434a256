import { jobBills } from '../../../../db/bills'
import { jobOf } from '../../../../db/jobs'

export default answer(event => jobBills(useDb(), jobOf(useDb(), routeId(event)).id))
