import { z } from 'zod'
import { mixLabel } from '../../documents/labels'
import { labelPdf } from '../../documents/pdf'
import { Refusal } from '../../db/refusal'
import { policyOf } from '../../db/shop'

const asked = z.object({
  ratio: z.coerce.number().min(8).max(200),
  totalMl: z.coerce.number().min(1).max(1e6),
  made: z.iso.date(),
  by: z.string().max(8).default(''),
  fuel: z.enum(['e10', 'e0', 'alkylate']).default('e10'),
})

export default answer(async event => {
  const query = asked.safeParse(getQuery(event))
  if (!query.success)
    throw new Refusal(
      422,
      'A label needs ratio, totalMl and made (a date).',
      query.error.issues.map(i => ({ field: i.path.join('.'), message: i.message })),
    )
  return showPdf(event, 'mix-label', await labelPdf(mixLabel(query.data, policyOf(useDb()))))
})
