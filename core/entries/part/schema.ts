import { z } from 'zod'
import { keyOf, nullable, optionalText } from '../../schema/words'
import { DISPOSITIONS, OIL_STATES } from '../../teardown/partPlan'
import { PARTS, PART_PLANS } from '../../teardown/parts'
import { PART_ROLES, SCORE_SIDES } from '../../words/opened'

export const schema = z
  .strictObject({
    place: optionalText('Which one', 40),
    part: keyOf(PARTS, 'Part'),
    disposition: keyOf(DISPOSITIONS, 'What becomes of it'),
    seen: z.array(z.string()).max(12),
    /** exhaust side or inlet side, where it shows; absent where nobody was asked */
    side: nullable(keyOf(SCORE_SIDES, 'Which side')).optional(),
    oil: keyOf(OIL_STATES, 'Oil'),
    role: keyOf(PART_ROLES, 'Cause or consequence'),
    reason: optionalText('Reason', 400),
    orientation: optionalText('Which way round', 200),
    owed: optionalText('Still owed', 300),
  })
  .superRefine(({ part, disposition, seen, reason }, check) => {
    if (seen.some(k => !Object.hasOwn(PART_PLANS[part]?.look ?? {}, k)))
      check.addIssue({ code: 'custom', path: ['seen'], message: 'That is not looked for on this part.' })
    if (
      (disposition === 'replace' || disposition === 'machine' || disposition === 'unknown') &&
      !seen.length &&
      !reason
    )
      check.addIssue({
        code: 'custom',
        path: ['reason'],
        message:
          disposition === 'unknown' ? 'Say what is still to be found out.' : 'Say why: what was seen, or a reason.',
      })
  })

/** cylinder or side, where there is more than one of it */
export interface PartBody extends z.infer<typeof schema> {}
