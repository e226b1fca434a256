import { entriesOf } from '../../../db/entries'
import { jobOf } from '../../../db/jobs'

export default answer(event => {
  const { id } = jobOf(useDb(), routeId(event))
  return entriesOf(useDb(), id)
})
