import { carriersOf } from '../../../db/batches'

/** Other machines that carry a batch quarantined on this job. */
export default answer(event => carriersOf(useDb(), routeId(event)))
