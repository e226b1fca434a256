import { savePersonSchema } from '#shared/schemas/shop'
import { hashPin } from '../../../db/pins'
import { Refusal } from '../../../db/refusal'
import { personOf, savePerson } from '../../../db/shop'
import { checkVersion } from '../../../db/versions'

export default answer(async event => {
  const id = routeId(event)
  const known = personOf(useDb(), id)
  if (!known) throw new Refusal(404, 'There is no such person in this shop.')
  const { version: seen, pin, ...typed } = await readChecked(event, savePersonSchema)
  const hashed = pin ? await hashPin(pin) : null
  const { id: _, version: __, hasPin: ___, ...now } = personOf(useDb(), id) ?? known
  checkVersion(useDb(), { of: [['people', id]], seen, now, typed })
  return savePerson(useDb(), id, typed, hashed)
})
