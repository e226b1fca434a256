import { assess } from '#core/assess'
import { jobFile } from '../../../db/jobs'

export default answer(event => assess(jobFile(useDb(), routeId(event))))
