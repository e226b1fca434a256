import { isDeepStrictEqual } from 'node:util'
import type { Role } from '#core/people/roles'
import { may, whoMay } from '#core/people/roles'
import { updateMachineSchema } from '#shared/schemas/machines'
import { versionOf } from '../../db/differences'
import { machineOf, machineRecord, machineRows, updateMachine } from '../../db/machines'
import { Refusal } from '../../db/refusal'
import { checkVersion } from '../../db/versions'

export default answer(async event => {
  const { id } = machineOf(useDb(), routeId(event))
  const { version: seen, by, ...typed } = await readChecked(event, updateMachineSchema)
  const now = machineRecord(useDb(), id)
  checkOwners(now.customer, typed.customer, await meOf(event))
  checkVersion(useDb(), { of: machineRows(useDb(), id), seen, now, typed })
  updateMachine(useDb(), id, { ...typed, by })
  return { id, version: versionOf(machineRecord(useDb(), id)) }
})

/** The bench puts an engine's facts right; an owner's name and word are kept by those who talk to owners. */
function checkOwners(was: object, is: object, { role }: { role: Role }): void {
  if (may(role, 'owners') || isDeepStrictEqual({ ...was }, { ...is })) return
  throw new Refusal(403, `What stands of the owner is changed by ${whoMay('owners')}. Nothing was saved.`, [
    { field: 'customer', message: `Changed by ${whoMay('owners')}.` },
  ])
}
