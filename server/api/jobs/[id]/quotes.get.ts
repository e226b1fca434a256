import { jobOf } from '../../../db/jobs'
import { quotesOf } from '../../../db/quotes'

export default answer(event => quotesOf(useDb(), jobOf(useDb(), routeId(event)).id))
