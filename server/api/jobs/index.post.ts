import { newJobSchema } from '#shared/schemas/machines'
import { bookIn } from '../../db/jobs'
import { checkPerson } from '../../db/shop'

export default answer(async event => {
  const job = await readChecked(event, newJobSchema)
  for (const [i, { by }] of job.entries.entries()) checkPerson(useDb(), by, `entries.${i}.by`)
  const { id, ...sent } = job
  return madeOnce(
    event,
    { id, what: 'booking', sent },
    () => ({ id, number: bookIn(useDb(), job).number }),
    first => first,
    first => ({ booked: first }),
  )
})
