import { entrySchema } from '#core/entries/entrySchema'
import { jobOf, logEntry } from '../../../db/jobs'

export default answer(async event => {
  const id = routeId(event)
  jobOf(useDb(), id)
  const entry = await readChecked(event, entrySchema)
  const result = logEntry(useDb(), id, entry)
  setResponseStatus(event, result === 'stored' ? 201 : 200)
  return entry
})
