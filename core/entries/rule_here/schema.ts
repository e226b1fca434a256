import { z } from 'zod'
import { SCHOOLS } from '../../engine/schools'
import { keyOf, shortText } from '../../schema/words'

export const schema = z
  .strictObject({
    rule: keyOf(SCHOOLS, 'Which rule'),
    choice: shortText('What holds here', 40),
    reason: shortText('Why on this job', 300),
  })
  .superRefine(({ rule, choice }, check) => {
    if (!Object.hasOwn(SCHOOLS[rule]?.choices ?? {}, choice))
      check.addIssue({ code: 'custom', path: ['choice'], message: 'Choose one of the answers of this rule.' })
  })

/** On this job another rule than the shop's, and why. */
export interface RuleHereBody extends z.infer<typeof schema> {}
