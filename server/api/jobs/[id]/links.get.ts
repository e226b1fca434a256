import { jobOf } from '../../../db/jobs'
import { secretLinks } from '../../../db/secretLinks'

/** Addresses of this job's care page that were given to the owner. */
export default answer(event => secretLinks(useDb(), 'care', jobOf(useDb(), routeId(event)).id))
