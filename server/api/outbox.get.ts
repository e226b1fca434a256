import { outbox } from '../db/batches'

export default answer(() => outbox(useDb()))
