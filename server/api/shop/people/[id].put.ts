import { personSchema } from '#shared/schemas/records'
import { savePerson } from '../../../db/shop'

export default answer(async event => savePerson(useDb(), routeId(event), await readChecked(event, personSchema)))
