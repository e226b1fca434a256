import { METER_SOURCES } from '../../words/counter'
import type { Said } from '../../log/saying'
import type { MeterBody } from './schema'

/** One line of the log. */
export function say(body: MeterBody): Said {
  const { reading, unit, source, pattern } = body
  const worked = pattern
    ? `, from ${pattern.hoursPerDay} h a day, ${pattern.daysPerWeek} days a week, ${pattern.months} months`
    : ''
  return {
    title: 'Running time',
    text:
      reading === null
        ? 'nobody knows'
        : `${reading.toLocaleString('en-GB')} ${unit}, ${METER_SOURCES[source]}${worked}`,
  }
}
