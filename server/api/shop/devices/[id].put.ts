import { z } from 'zod'
import { changeDevice } from '../../../db/devices'

const asked = z.strictObject({
  to: z.enum(['withdrawn', 'renewed'], { error: 'Take the device back (withdrawn), or let it in longer (renewed).' }),
})

/** Takes a device back at once, or lets it in for another thirty days, locked or not. */
export default answer(async event => {
  const { to } = await readChecked(event, asked)
  return changeDevice(useDb(), routeId(event), to)
})
