import type { ShopPolicy } from '../../engine/policy'
import { FIELD_RULES, isFieldRule } from '../../engine/schools'
import { keptOf } from '../kept'
import type { Entry } from '../types'

/** The shop's rules as they hold on one job: the newest word on each, with its reason. The shop's own policy where nothing was said. */
export function rulesHere(policy: ShopPolicy, inForce: readonly Entry[]): ShopPolicy {
  const said = keptOf(inForce).rule_here
  if (!said.length) return policy
  const schools = { ...policy.schools }
  const reasons: NonNullable<ShopPolicy['rulesHere']> = {}
  const fields: Partial<ShopPolicy> = {}
  for (const { body } of said) {
    if (isFieldRule(body.rule)) Object.assign(fields, { [FIELD_RULES[body.rule]]: body.choice })
    else schools[body.rule] = body.choice
    reasons[body.rule] = body.reason
  }
  return { ...policy, ...fields, schools, rulesHere: reasons }
}
