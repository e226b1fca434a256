import { shelfFor } from '../../../db/shelf'

export default answer(event => shelfFor(useDb(), routeId(event)))
