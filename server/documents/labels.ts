import dayjs from 'dayjs'
import type { ShopPolicy } from '#core/job/jobFile'
import { FUEL_WORDS } from '#core/job/vocabulary'
import { FUEL_DAYS } from '#core/mix/fuelAge'
import type { FuelType } from '#core/mix/fuelAge'
import { mixForTotal } from '#core/mix/mixMake'
import { ratioText } from '#core/mix/mixPlan'
import { quantityText } from '#core/units/unitRound'
import { printable, SECOND } from './pdf'

export interface MixLabel { ratio: number, totalMl: number, made: string, by: string, fuel: FuelType }

/** What goes on a can of mix: ratio, amounts, date, and until when it may be used. */
export function mixLabel({ ratio, totalMl, made, by, fuel }: MixLabel, policy: ShopPolicy): unknown[] {
  const { oilMl, fuelMl } = mixForTotal({ totalMl, ratio })
  const [, last] = FUEL_DAYS[fuel].plain
  return [
    { text: 'TWO-STROKE MIX', fontSize: 9, bold: true, color: SECOND },
    { text: ratioText(ratio), fontSize: 34, bold: true, lineHeight: 1 },
    { text: `${quantityText(fuelMl / 1000, 'L')} fuel, ${quantityText(oilMl, 'mL')} oil`, fontSize: 12 },
    { text: `${FUEL_WORDS[fuel]} · made ${dayjs(made).format('D MMM YYYY')}${by ? ` by ${printable(by)}` : ''}`, fontSize: 9 },
    { text: `Not after ${dayjs(made).add(last, 'day').format('D MMM YYYY')} (rule of thumb). Shake before use.`, fontSize: 9, bold: true },
    { text: `Highly flammable. No flame, no sparks, away from children.${policy.shopName ? ` ${printable(policy.shopName)}` : ''}`, fontSize: 8, color: SECOND, margin: [0, 3, 0, 0] },
  ]
}
