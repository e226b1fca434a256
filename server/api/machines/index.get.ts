import { jobLines } from '../../db/jobLines'
import { machineLines } from '../../db/machines'

export default answer(() => {
  const open = new Set(
    jobLines(useDb())
      .filter(j => !j.closed)
      .map(j => j.machineId),
  )
  return machineLines(useDb()).map(m => ({ ...m, open: open.has(m.id) }))
})
