import type { diagnoseJob } from '#core/diagnosis/diagnoseJob'

export default answer(event => runAside<ReturnType<typeof diagnoseJob>>('diagnosis', { jobId: routeId(event) }))
