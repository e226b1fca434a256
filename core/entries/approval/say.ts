import { moneyText } from '../../units/money'
import { AGREED_HOW } from '../../words/deciding'
import type { Said } from '../../log/saying'
import type { ApprovalBody } from './schema'

/** One line of the log. */
export function say(body: ApprovalBody): Said {
  const { frozen, agreedBy, how, conditions } = body
  return {
    title: 'Agreed',
    text: `${agreedBy} agreed ${AGREED_HOW[how]} to ‘${frozen.name}’, likely ${moneyText(frozen.mean, frozen.currency)}, ${moneyText(frozen.p10, frozen.currency)} to ${moneyText(frozen.p90, frozen.currency)}${conditions ? `; ${conditions}` : ''}`,
  }
}
