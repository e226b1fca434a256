import { entrySchema } from '#core/entries/entrySchema'
import { jobOf, logEntry } from '../../../db/jobs'
import { checkLogger } from '../../../db/loggers'

export default answer(async event => {
  const id = routeId(event)
  jobOf(useDb(), id)
  const entry = await readChecked(event, entrySchema)
  checkLogger(useDb(), await meOf(event), entry)
  const result = await together(useDb(), () => logEntry(useDb(), id, entry))
  setResponseStatus(event, result === 'stored' ? 201 : 200)
  return entry
})
