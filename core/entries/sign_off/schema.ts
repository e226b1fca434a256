import { z } from 'zod'
import { shortText } from '../../schema/words'

export const schema = z.strictObject({ stopId: shortText('Stop', 40), reason: shortText('Reason', 400) })

/** A stop that a named person takes on. */
export interface SignOffBody extends z.infer<typeof schema> {}
