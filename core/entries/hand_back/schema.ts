import { z } from 'zod'
import { longText, shortText } from '../../schema/words'

export const schema = z.strictObject({ to: shortText('Handed to', 120), words: longText('What was said') })

export interface HandBackBody extends z.infer<typeof schema> {}
