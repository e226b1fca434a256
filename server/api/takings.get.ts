import { takingsOn } from '../db/bills'

export default answer(event => takingsOn(useDb(), askedDay(event)))
