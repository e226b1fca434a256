import { newShelfSchema } from '#shared/schemas/parts'
import { addShelf } from '../../db/shelf'

export default answer(async event => {
  const { id, by, ...fields } = await readChecked(event, newShelfSchema)
  return madeOnce(event, { id, what: 'part for the shelf', sent: fields }, () => addShelf(useDb(), id, fields))
})
