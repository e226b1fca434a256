import { jobFileJsonSchema } from '../../documents/jobFile'

/** The published schema of a job's JSON file. */
export default answer(() => jobFileJsonSchema())
