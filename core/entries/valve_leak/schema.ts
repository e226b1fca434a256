import { z } from 'zod'
import { count, keyOf, longText, nullable, optionalText } from '../../schema/words'
import { LEAK_SEEN, MEASURED_WHEN, VALVE_NAMES } from '../../words/opened'

export const schema = z
  .strictObject({
    valve: keyOf(VALVE_NAMES, 'Valve'),
    when: keyOf(MEASURED_WHEN, 'When'),
    look: keyOf(LEAK_SEEN, 'What is seen'),
    dropsPerMin: nullable(count('Drops a minute', 1, 600)),
    place: optionalText('Cylinder', 60),
    note: longText('Note'),
  })
  .refine(v => v.look !== 'drops' || v.dropsPerMin !== null, {
    path: ['dropsPerMin'],
    message: 'Count the drops of one minute.',
  })
  .refine(v => v.look === 'drops' || v.dropsPerMin === null, {
    path: ['look'],
    message: 'Drops were counted: choose “Drops”.',
  })

/** Solvent in the port of one valve. */
export interface ValveLeakBody extends z.infer<typeof schema> {}
