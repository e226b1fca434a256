import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { jobFile } from '../../../db/jobs'

export default answer(event => diagnoseJob(jobFile(useDb(), routeId(event))))
