import { moveShelfSchema } from '#shared/schemas/records'
import { moveShelf } from '../../../db/shelf'

export default answer(async event => moveShelf(useDb(), routeId(event), await readChecked(event, moveShelfSchema)))
