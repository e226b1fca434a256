import { careText } from '#core/handover/careText'
import { compressionOf } from '#core/entries/compression/visits'
import { oilRhythm, rhythmWords } from '#core/entries/oil_change/rhythm'
import { tiltGuide } from '#core/oil/tiltGuide'
import { jobLine } from '../../db/jobLines'
import { jobsOfMachine, visitsOf } from '../../db/jobs'
import { versionOf } from '../../db/differences'
import { customerOf, engineOf, machineOf, machineRecord, meterText } from '../../db/machines'
import { policyOf } from '../../db/shop'

export default answer(event => {
  const machine = machineOf(useDb(), routeId(event))
  const { facts, spec, fill, sheetId, sheetName } = engineOf(useDb(), machine.id)
  const visits = visitsOf(useDb(), machine.id)
  const file = {
    machineKind: machine.kind,
    facts,
    spec,
    fill,
    entries: visits.at(-1)?.entries ?? [],
    history: visits.slice(0, -1),
    policy: policyOf(useDb()),
    counts: null,
  }
  return {
    version: versionOf(machineRecord(useDb(), machine.id)),
    machine,
    meter: meterText(machine),
    facts,
    spec,
    fill,
    sheet: { id: sheetId, name: sheetName },
    customer: customerOf(useDb(), machine.customerId),
    jobs: jobsOfMachine(useDb(), machine.id).map(j => jobLine(useDb(), j.id)),
    visits,
    care: careText(file),
    rhythm: rhythmWords(oilRhythm(file, file.entries)),
    tilt: tiltGuide(machine.kind, facts),
    compression: compressionOf(file),
  }
})
