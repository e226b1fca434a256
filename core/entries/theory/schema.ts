import { z } from 'zod'
import { knownCause } from '../../schema/catalogue'
import { keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { THEORY_STATES } from '../../words/opened'

export const schema = z
  .strictObject({
    statement: shortText('Theory', 500),
    causeId: nullable(knownCause),
    proves: optionalText('What would prove it', 300),
    disproves: optionalText('What would rule it out', 300),
    trial: optionalText('Trial', 500),
    limits: optionalText("What the trial can't show", 300),
    state: keyOf(THEORY_STATES, 'State'),
  })
  .refine(t => t.state !== 'proved' || (t.trial && t.proves), {
    path: ['trial'],
    message: 'Proved needs what would prove it and the trial that did.',
  })

/** a cause of the catalogue, where it is one */
export interface TheoryBody extends z.infer<typeof schema> {}
