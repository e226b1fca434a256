import { z } from 'zod'
import { inner, pressure } from '../../schema/quantities'
import { keyOf, longText, ofCylinder } from '../../schema/words'
import { HEARD } from '../../words/looks'

export const schema = z
  .strictObject({
    ofCylinder,
    regulator: pressure('Regulator'),
    cylinder: pressure('Cylinder'),
    orificeMm: z
      .number({ error: 'Orifice: type mm.' })
      .min(0.3, 'The orifice must be at least 0.3 mm.')
      .max(4, 'The orifice can be at most 4 mm.'),
    heard: z.array(keyOf(HEARD, 'Where it is heard')).max(10, 'At most ten places.'),
    note: longText('Note'),
  })
  .superRefine(({ regulator, cylinder }, check) => {
    if (inner(regulator) < 100 || inner(regulator) > 1100)
      check.addIssue({
        code: 'custom',
        path: ['regulator', 'value'],
        message: 'The regulator must stand between 1 and 11 bar.',
      })
    if (inner(cylinder) > inner(regulator))
      check.addIssue({
        code: 'custom',
        path: ['cylinder', 'value'],
        message: "The cylinder can't read more than the regulator.",
      })
  })

/** Air in at top dead centre through an orifice. */
export interface LeakDownBody extends z.infer<typeof schema> {}
