import { updateMachineSchema } from '#shared/schemas/machines'
import { machineOf, updateMachine } from '../../db/machines'

export default answer(async event => {
  const { id } = machineOf(useDb(), routeId(event))
  updateMachine(useDb(), id, await readChecked(event, updateMachineSchema))
  return { id }
})
