import { customersOf } from '../db/machines'

export default answer(() => customersOf(useDb()))
