import { z } from 'zod'
import { keyOf, longText, ofCylinder } from '../../schema/words'
import { PLUG_STATES } from '../../words/looks'

export const schema = z.strictObject({ ofCylinder, state: keyOf(PLUG_STATES, 'Plug'), note: longText('Note') })

export interface PlugBody extends z.infer<typeof schema> {}
