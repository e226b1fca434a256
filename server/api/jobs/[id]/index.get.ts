import { jobView } from '../../../db/jobs'

export default answer(event => jobView(useDb(), routeId(event)))
