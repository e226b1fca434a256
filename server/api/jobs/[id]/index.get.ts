import type { JobPage } from '#shared/types/records'
import { jobView } from '../../../db/jobs'
import { stuckHistory } from '../../../db/stuck'

export default answer((event): JobPage => ({ ...jobView(useDb(), routeId(event)), stuck: stuckHistory(useDb()) }))
