import { ratioText } from '../../mix/mixPlan'
import { quantityText } from '../../units/unitRound'
import { FUEL_WORDS } from '../../words/looks'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { MixBody } from './schema'

/** One line of the log. */
export function say(body: MixBody): Said {
  const { fuel, oil, makerRatio, fuelType, fuelDays } = body
  return {
    title: 'Mix',
    text: withNote(
      `${quantityText(oil.value, oil.unit)} of oil in ${quantityText(fuel.value, fuel.unit)} of fuel, maker asks ${ratioText(makerRatio)}${fuelType && fuelDays !== null ? `; ${FUEL_WORDS[fuelType]}, ${fuelDays} days old` : ''}`,
      body.note,
    ),
  }
}
