import { newJobSchema } from '#shared/schemas/machines'
import { bookIn } from '../../db/jobs'
import { checkLogger } from '../../db/loggers'

export default answer(async event => {
  const job = await readChecked(event, newJobSchema)
  const me = await meOf(event)
  for (const [i, entry] of job.entries.entries()) {
    checkLogger(useDb(), me, entry, `entries.${i}.`)
  }
  const { id, ...sent } = job
  return madeOnce(
    event,
    { id, what: 'booking', sent },
    () => ({ id, number: bookIn(useDb(), job).number }),
    first => first,
    first => ({ booked: first }),
  )
})
