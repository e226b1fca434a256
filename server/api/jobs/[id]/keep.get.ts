import { keepOf } from '../../../db/shelf'

export default answer(event => keepOf(useDb(), routeId(event)))
