import { moveShelfSchema } from '#shared/schemas/parts'
import { moveShelf } from '../../../db/shelf'

export default answer(async event => moveShelf(useDb(), routeId(event), await readChecked(event, moveShelfSchema)))
