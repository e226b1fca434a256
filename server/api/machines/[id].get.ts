import { jobLine } from '../../db/jobLines'
import { jobsOfMachine } from '../../db/jobs'
import { customerOf, engineOf, machineOf } from '../../db/machines'

export default answer((event) => {
  const machine = machineOf(useDb(), routeId(event))
  const { facts, spec } = engineOf(useDb(), machine.id)
  return { machine, facts, spec, customer: customerOf(useDb(), machine.customerId), jobs: jobsOfMachine(useDb(), machine.id).map(j => jobLine(useDb(), j.id)) }
})
