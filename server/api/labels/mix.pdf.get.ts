import { z } from 'zod'
import { Refusal } from '../../db/refusal'

const asked = z.object({
  ratio: z.coerce.number().min(8).max(200),
  totalMl: z.coerce.number().min(1).max(1e6),
  made: z.iso.date(),
  by: z.string().max(8).default(''),
  fuel: z.enum(['e10', 'e0', 'alkylate']).default('e10'),
})

export default answer(event => {
  const query = asked.safeParse(getQuery(event))
  if (!query.success)
    throw new Refusal(
      422,
      'A label needs ratio, totalMl and made (a date).',
      query.error.issues.map(i => ({ field: i.path.join('.'), message: i.message })),
    )
  return sendPaper(event, 'mix', query.data)
})
