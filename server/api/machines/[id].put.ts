import { updateMachineSchema } from '#shared/schemas/machines'
import { versionOf } from '../../db/differences'
import { machineOf, machineRecord, machineRows, updateMachine } from '../../db/machines'
import { checkPerson } from '../../db/shop'
import { checkVersion } from '../../db/versions'

export default answer(async event => {
  const { id } = machineOf(useDb(), routeId(event))
  const { version: seen, by, ...typed } = await readChecked(event, updateMachineSchema)
  checkPerson(useDb(), by)
  checkVersion(useDb(), { of: machineRows(useDb(), id), seen, now: machineRecord(useDb(), id), typed })
  updateMachine(useDb(), id, { ...typed, by })
  return { id, version: versionOf(machineRecord(useDb(), id)) }
})
