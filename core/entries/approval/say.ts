import { moneyText, toMajor } from '../../units/money'
import { AGREED_HOW } from '../../words/deciding'
import type { Said, Saying } from '../../log/saying'
import type { ApprovalBody } from './schema'

/** One line of the log. */
export function say(body: ApprovalBody, { policy }: Saying): Said {
  const { frozen, agreedBy, how, conditions } = body
  return {
    title: 'Agreed',
    text: `${agreedBy} agreed ${AGREED_HOW[how]} to ‘${frozen.name}’, likely ${moneyText(frozen.mean, frozen.currency)}, ${moneyText(frozen.p10, frozen.currency)} to ${moneyText(frozen.p90, frozen.currency)}${ratesSince(frozen, policy)}${conditions ? `; ${conditions}` : ''}`,
  }
}

/** What the shop charges now, where that is not what was shown: the figures agreed to stay as they were. */
function ratesSince(frozen: ApprovalBody['frozen'], policy: Saying['policy']): string {
  const hour = (minor: number): string => moneyText(toMajor(minor, frozen.currency), frozen.currency, true)
  const changed = [
    frozen.labourRateMinor !== policy.labourRateMinor &&
      `at ${hour(frozen.labourRateMinor)} an hour as shown, the shop's rate is ${hour(policy.labourRateMinor)} now`,
    frozen.taxPct !== policy.taxPct && `with ${frozen.taxPct} % tax as shown, ${policy.taxPct} % now`,
  ].filter(Boolean)
  return changed.length ? `; ${changed.join('; ')}` : ''
}
