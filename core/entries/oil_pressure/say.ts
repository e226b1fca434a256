import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import { PRESSURE_BY } from '../../words/looks'
import type { OilPressureBody } from './schema'

/** One line of the log. */
export function say(body: OilPressureBody, { read, policy }: Saying): Said {
  const { coldIdle, coldSpeed, warmIdle, warmSpeed, rpm, oilC, by, note } = body
  const one = (name: string, q: OilPressureBody['warmIdle']): string | null =>
    q && `${name} ${read(q, policy.pressureUnit)}`
  return {
    title: 'Oil pressure',
    text: withNote(
      [
        one('cold idling', coldIdle),
        one('cold at speed', coldSpeed),
        one('warm idling', warmIdle),
        one('warm at speed', warmSpeed),
        rpm !== null && `${rpm} rpm`,
        oilC !== null && `oil at ${oilC} °C`,
        PRESSURE_BY[by].toLowerCase(),
      ]
        .filter(Boolean)
        .join(', '),
      note,
    ),
  }
}
