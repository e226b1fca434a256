import { careText } from '#core/oil/careText'
import { tiltGuide } from '#core/oil/tiltGuide'
import { jobLine } from '../../db/jobLines'
import { jobsOfMachine, visitsOf } from '../../db/jobs'
import { customerOf, engineOf, machineOf } from '../../db/machines'
import { policyOf } from '../../db/shop'

export default answer((event) => {
  const machine = machineOf(useDb(), routeId(event))
  const { facts, spec, fill, sheetId, sheetName } = engineOf(useDb(), machine.id)
  return {
    machine, facts, spec, fill, sheet: { id: sheetId, name: sheetName },
    customer: customerOf(useDb(), machine.customerId),
    jobs: jobsOfMachine(useDb(), machine.id).map(j => jobLine(useDb(), j.id)),
    visits: visitsOf(useDb(), machine.id),
    care: careText({ machineKind: machine.kind, facts, spec, fill, policy: policyOf(useDb()) }),
    tilt: tiltGuide(machine.kind, facts),
  }
})
