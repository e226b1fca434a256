import type { Visit } from '../file'
import { convert } from '../../units/unitConvert'
import { WEEKS_PER_MONTH } from '../../units/calendar'
import { roundHalfAway } from '../../units/unitRound'
import type { Entry } from '../types'
import type { UsePattern, MeterBody } from './schema'
import type { Logged } from '../../log/entry'
import { keptOf } from '../kept'

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

/** Distance at an entry, km; null where it counts hours, or nobody knows. */
export function meterKm(meter: Logged<MeterBody> | undefined): number | null {
  if (!meter || meter.body.reading === null || meter.body.unit === 'h') return null
  return convert(meter.body.reading, meter.body.unit, 'km')
}

/**
 * Of several words on the running time the one that counts: one that was read, however old, before one that was only told or worked out;
 * of equals the newest. Who knows no figure says nothing.
 */
export function meterThatCounts<M extends Logged<MeterBody>>(meters: readonly M[]): M | undefined {
  const known = meters.filter(m => m.body.reading !== null)
  return known.findLast(m => m.body.source === 'measured') ?? known.at(-1)
}

/** Whether a meter counts back: changed, or one of the two was read wrong. Only readings of one unit can say so. */
export function countsBack(before: Logged<MeterBody> | undefined, now: Logged<MeterBody> | undefined): boolean {
  if (before?.body.source !== 'measured' || now?.body.source !== 'measured') return false
  const [was, is] = [meterHours(before), meterHours(now)]
  return (before.body.unit === 'h') === (now.body.unit === 'h') && was !== null && is !== null && is < was - 1e-9
}

export interface VisitHours {
  entries: Entry[]
  hours: number | null
  km: number | null
  /** its meter stands under one that was read before */
  back: boolean
  number: number | null
  /** when: the visit's day, or its newest entry */
  at: string | null
}

/** What the machine has run by the newest visit that knows. */
export const runningNow = (visits: readonly VisitHours[]): { hours: number | null; km: number | null } => ({
  hours: visits.findLast(v => v.hours !== null)?.hours ?? null,
  km: visits.findLast(v => v.km !== null)?.km ?? null,
})

/** Visits, this one last, each with the running time logged on it. */
export function visitsWithHours(history: Visit[], now: Entry[]): VisitHours[] {
  let read: Logged<MeterBody> | undefined
  const of = (entries: Entry[], number: number | null, at: string | null): VisitHours => {
    const meter = meterThatCounts(keptOf(entries).meter)
    const back = countsBack(read, meter)
    if (meter?.body.source === 'measured') read = meter
    return { entries, hours: meterHours(meter), km: meterKm(meter), back, number, at }
  }
  return [...history.map(v => of(v.entries, v.number, v.at)), of(now, null, now.at(-1)?.at ?? null)]
}
