import { idText } from '#core/schema/words'
import { z } from 'zod'

export const newLinkSchema = z.strictObject({ id: idText('Link'), by: idText('Person') })
export const withdrawLinkSchema = z.strictObject({
  withdrawn: z.literal(true, { error: 'A link can only be taken back: withdrawn is true.' }),
  by: idText('Person'),
})
