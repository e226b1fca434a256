import { jobLines } from '../../db/jobLines'

export default answer(() => jobLines(useDb()))
