import type { Visit } from '../file'
import { convert } from '../../units/unitConvert'
import { roundHalfAway } from '../../units/unitRound'
import type { Entry } from '../types'
import type { UsePattern, MeterBody } from './schema'
import type { Logged } from '../../log/entry'
import { keptOf } from '../kept'

const WEEKS_PER_MONTH = 52 / 12

/**
 * Running hours of a machine from how it is used. An estimate, and marked as one wherever it is shown.
 * @param months how long it has been used so; a season of five months counts as five
 * @example patternHours({ hoursPerDay: 2, daysPerWeek: 3, months: 6 })  // => 156
 */
export const patternHours = ({ hoursPerDay, daysPerWeek, months }: UsePattern): number =>
  roundHalfAway(hoursPerDay * daysPerWeek * WEEKS_PER_MONTH * months, 0)

/** Hours run in a day of the calendar, averaged over the week. */
export const hoursPerCalendarDay = ({ hoursPerDay, daysPerWeek }: UsePattern): number => (hoursPerDay * daysPerWeek) / 7

/** Average road speed of a trail or step-through machine, km/h: turns distance into hours where a rule needs hours. Shop judgement. */
export const KM_PER_H = 35

/** Running time at an entry, in hours; null when nobody knows. */
export function meterHours(meter: Logged<MeterBody> | undefined): number | null {
  if (!meter || meter.body.reading === null) return null
  const { reading, unit } = meter.body
  return unit === 'h' ? reading : convert(reading, unit, 'km') / KM_PER_H
}

/** Visits, this one last, each with the running time logged on it. */
export function visitsWithHours(
  history: Visit[],
  now: Entry[],
): { entries: Entry[]; hours: number | null; number: number | null }[] {
  const of = (entries: Entry[]): number | null => meterHours(keptOf(entries).meter.at(-1))
  return [
    ...history.map(v => ({ entries: v.entries, hours: of(v.entries), number: v.number })),
    { entries: now, hours: of(now), number: null },
  ]
}
