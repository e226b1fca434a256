import { saveShelfSchema } from '#shared/schemas/parts'
import { saveShelf, shelfFields, shelfItem } from '../../../db/shelf'
import { checkVersion } from '../../../db/versions'

export default answer(async event => {
  const { id } = shelfItem(useDb(), routeId(event))
  const { by, version: seen, ...typed } = await readChecked(event, saveShelfSchema)
  checkVersion(useDb(), { of: [['shelf', id]], seen, now: shelfFields(shelfItem(useDb(), id)), typed })
  return saveShelf(useDb(), id, typed, by)
})
