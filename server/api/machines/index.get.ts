import { machinesHere } from '../../db/jobLines'
import { machineLines } from '../../db/machines'

export default answer(() => {
  const open = machinesHere(useDb())
  return machineLines(useDb()).map(m => ({ ...m, open: open.has(m.id) }))
})
