import dayjs from 'dayjs'
import { watchesDue } from '../db/watches'

/** What is due to be looked at again, by the shop's clock. */
export default answer(() => watchesDue(useDb(), dayjs().format('YYYY-MM-DD')))
