import type { ShopPolicy } from '../engine/policy'
import { moneyText, toMajor } from '../units/money'
import type { Quantity } from '../units/quantity'
import { quantityText, shownIn } from '../units/unitRound'

/** A line of the log: what it is, and what was written down. */
export interface Said {
  title: string
  text: string
}

/** How a shop writes figures: its money, and a reading in the shop's unit beside the one it was read in. */
export interface Saying {
  policy: ShopPolicy
  cash(minor: number | null): string
  read(q: Quantity, other: string): string
}

export const sayingOf = (policy: ShopPolicy): Saying => ({
  policy,
  cash: minor => (minor === null ? 'not said' : moneyText(toMajor(minor, policy.currency), policy.currency, true)),
  read: (q, other) =>
    q.unit === other
      ? quantityText(q.value, q.unit)
      : `${quantityText(q.value, q.unit)} (${shownIn(q.value, q.unit, other)})`,
})

export const withNote = (text: string, note: string | null): string => (note ? `${text}. ${note}` : text)
