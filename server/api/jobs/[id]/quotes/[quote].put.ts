import { z } from 'zod'
import { idText } from '#core/schema/words'
import { jobOf } from '../../../../db/jobs'
import { withdrawQuote } from '../../../../db/quotes'

const asked = z.strictObject({
  withdrawn: z.literal(true, { error: 'A question can only be taken back: withdrawn, true.' }),
  by: idText('Person'),
})

/** Takes a question to an owner back. */
export default answer(async event => {
  const { id } = jobOf(useDb(), routeId(event))
  const { by } = await readChecked(event, asked)
  return withdrawQuote(useDb(), id, routeId(event, 'quote'), by)
})
