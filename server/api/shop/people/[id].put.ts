import { personSchema } from '#shared/schemas/shop'
import { savePerson } from '../../../db/shop'

export default answer(async event => savePerson(useDb(), routeId(event), await readChecked(event, personSchema)))
