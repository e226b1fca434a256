import { newJobSchema } from '#shared/schemas/machines'
import { bookIn } from '../../db/jobs'

export default answer(async event => {
  const job = await readChecked(event, newJobSchema)
  const { result, number } = bookIn(useDb(), job)
  setResponseStatus(event, result === 'stored' ? 201 : 200)
  return { id: job.id, number }
})
