import { z } from 'zod'
import { shortText } from '../../schema/words'

export const schema = z.strictObject({ reason: shortText('Reason', 300) })

export interface VoidBody extends z.infer<typeof schema> {}
