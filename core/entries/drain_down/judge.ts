import type { Judgement, Mark } from '../../judgement'
import type { Logged } from '../../log/entry'
import { fillMarks } from '../../oil/fillMarks'
import { SPEC_SOURCES } from '../../spec/specValue'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { JobFile } from '../file'
import type { DrainDownBody } from './schema'

/** Share of the fill that may run down over a night of twelve hours: more is a leak past pump or non-return valve. Rule of thumb. */
export const NIGHT_SHARE = 0.1
const NIGHT_H = 12

/** How fast a tank empties into its sump, against a tenth of the fill a night. */
export function judgeDrainDown(entry: Logged<DrainDownBody>, file: JobFile): Judgement {
  const { ran, hours } = entry.body
  const ml = convert(ran.value, ran.unit, 'mL')
  const perNight = (ml / hours) * NIGHT_H
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const show = (x: number): string => shownIn(x, 'mL', file.policy.volumeUnit)
  const share = marks ? perNight / marks.capacityMl : null
  const mark: Mark = share === null ? 'open' : share > NIGHT_SHARE + 1e-9 ? 'near' : 'good'
  return {
    entryId: entry.id,
    mark,
    headline: `Drains down ${show(ml)} in ${hours} h`,
    details: [
      share === null || !marks
        ? `${show(perNight)} a night; the fill is not known, so what share that is can't be said.`
        : `${show(perNight)} a night, ${Math.round(100 * share)} % of the fill of ${show(marks.capacityMl)} (${SPEC_SOURCES[marks.capacitySource]}); up to ${Math.round(100 * NIGHT_SHARE)} % is usual (rule of thumb).`,
      ...(mark === 'near'
        ? [
            'It leaks past the pump or its non-return valve: look at both. A tap in the line stops it, and destroys the engine the day it is left shut.',
            'Run it first, then read the tank: never top up a tank that stood.',
          ]
        : []),
    ],
  }
}
