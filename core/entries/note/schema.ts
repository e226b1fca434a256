import { z } from 'zod'
import { STAGES } from '../../log/words'
import { keyOf, shortText } from '../../schema/words'

export const schema = z.strictObject({ stage: keyOf(STAGES, 'Stage'), text: shortText('Note', 20000) })

export interface NoteBody extends z.infer<typeof schema> {}
