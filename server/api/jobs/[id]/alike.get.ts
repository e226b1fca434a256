import type { AlikeLine } from '#shared/types/records'

/** Closed jobs whose findings look like this one's. */
export default answer(event => runAside<AlikeLine[]>('alike', { jobId: routeId(event) }))
