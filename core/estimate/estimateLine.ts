import type { LineType, PRICE_KINDS } from '../words/deciding'
import type { KeyOf } from '../words/keys'

export interface EstimateLine {
  id: string
  type: LineType
  text: string
  why: string | null
  /** hours for labour and risk, smallest money unit for the rest */
  low: number
  likely: number
  high: number
  /** chance that it is needed, or that it sells */
  chance: number
  priceKind: KeyOf<typeof PRICE_KINDS> | null
  /** this line cures the first cause, not only what it did */
  cures: boolean
  /** who the price is from */
  source: string | null
  /** day of the price, ISO date */
  pricedOn: string | null
  /** minutes to find out whether it is needed, where that is not sure */
  lookMin: number | null
  /** the parts that it renews or repairs, with their places: `crank`, `piston:cylinder 2`; none of them: empty; absent where nobody was asked */
  parts?: string[]
}
