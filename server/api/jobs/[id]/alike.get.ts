import { alikeCases } from '../../../db/cases'

/** Closed jobs whose findings look like this one's. */
export default answer(event => alikeCases(useDb(), routeId(event)))
