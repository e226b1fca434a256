import { z } from 'zod'
import { length } from '../../schema/quantities'
import { keyOf, longText, nullable, ofCylinder } from '../../schema/words'
import { LASH_STATES, ROCKERS } from '../../words/opened'

export const schema = z
  .strictObject({
    ofCylinder,
    state: keyOf(LASH_STATES, 'As found or set'),
    inlet: nullable(length('Inlet lash')),
    exhaust: nullable(length('Exhaust lash')),
    rockers: keyOf(ROCKERS, 'Rockers'),
    note: longText('Note'),
  })
  .refine(l => l.inlet !== null || l.exhaust !== null || l.rockers === 'stuck', {
    path: ['inlet'],
    message: 'Give the lash of at least one valve, or say that a rocker is stuck.',
  })

/** Clearance at the valves; `as_found` is written down before anything is turned. */
export interface LashBody extends z.infer<typeof schema> {}
