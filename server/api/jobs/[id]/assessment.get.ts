import type { Assessment } from '#core/assess'

export default answer(event => runAside<Assessment>('assessment', { jobId: routeId(event) }))
