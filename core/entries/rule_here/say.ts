import type { School } from '../../engine/schools'
import { SCHOOLS } from '../../engine/schools'
import type { Said } from '../../log/saying'
import type { RuleHereBody } from './schema'

/** One line of the log. */
export function say({ rule, choice, reason }: RuleHereBody): Said {
  const school: School = SCHOOLS[rule]
  return {
    title: 'Another rule here',
    text: `${school.question}: ${(school.choices[choice]?.label ?? choice).toLowerCase()}. ${reason}`,
  }
}
