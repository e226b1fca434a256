import { quantityText } from '../../units/unitRound'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { PumpRigBody } from './schema'

/** One line of the log. */
export function say(body: PumpRigBody): Said {
  const { drillRpm, amount, seconds, control, pressure, oilC, note } = body
  return {
    title: 'Oil pump on the rig',
    text: withNote(
      [
        `${quantityText(amount.value, amount.unit)} in ${seconds} s at ${drillRpm} rpm of the drill`,
        control && `a sound one ${quantityText(control.value, control.unit)}`,
        pressure && quantityText(pressure.value, pressure.unit),
        oilC !== null && `oil at ${oilC} °C`,
      ]
        .filter(Boolean)
        .join(', '),
      note,
    ),
  }
}
