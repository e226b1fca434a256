import { customersOf } from '../db/machines'

/** Owners whose name begins like this. */
export default answer(event => customersOf(useDb(), String(getQuery(event).begins ?? '').slice(0, 80)))
