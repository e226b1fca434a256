import { z } from 'zod'
import { idText } from '#core/schema/words'
import { importJob } from '../../documents/jobFile'

const asked = z.strictObject({
  id: idText('Import'),
  text: z
    .string({ error: 'The file is empty.' })
    .min(1, 'The file is empty.')
    .max(6_000_000, 'The file is too large: 6 MB is the most.'),
  by: idText('Person'),
})

/** Books in a job that was saved as JSON. */
export default answer(async event => {
  const { id, text, by } = await readChecked(event, asked)
  return madeOnce(event, { id, what: 'import', sent: { text } }, () => importJob(useDb(), text, by))
})
