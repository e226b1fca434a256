import { moneyText } from '../../units/money'
import type { Said, Saying } from '../../log/saying'
import type { OwnerWordBody } from './schema'

/** One line of the log. */
export function say(body: OwnerWordBody, { policy }: Saying): Said {
  const { choice, option, fee, words, name, held } = body
  const what =
    choice === 'agree'
      ? fee === null
        ? `agrees to ‘${option ?? ''}’`
        : `agrees to ${moneyText(fee, policy.currency, true)}`
      : choice === 'ask'
        ? 'asks'
        : 'wants none of it'
  return {
    title: "Owner's word",
    text: [`${name} ${what}`, words, held && `held back: ${held}`].filter(Boolean).join('; '),
  }
}
