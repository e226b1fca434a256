import type { Logged } from '../../log/entry'
import { CALENDAR, addCalendar, dayOf } from '../../units/calendar'
import type { WatchBody } from './schema'

export interface WatchDue {
  /** YYYY-MM-DD */
  day: string | null
  hours: number | null
  km: number | null
}

/**
 * When a watch item is due: its day by the calendar, and its meter from what stood when it was logged.
 * @param at running time then; null where nobody knew it: then only the calendar says when
 */
export function watchDue(
  { body, at }: Logged<WatchBody>,
  meter: { hours: number | null; km: number | null },
): WatchDue {
  const days = [
    body.after !== null && body.unit !== null ? addCalendar(dayOf(at), Math.round(body.after), body.unit) : null,
    body.onDay,
  ].filter(d => d !== null)
  const plus = (from: number | null, by: number | null): number | null =>
    from === null || by === null ? null : from + by
  return {
    day: days.length ? days.reduce((a, b) => (a < b ? a : b)) : null,
    hours: plus(meter.hours, body.afterHours),
    km: plus(meter.km, body.afterKm),
  }
}

/** When, as it was said: "after 10 h, after 2 weeks". */
export const whenWords = ({ afterHours, afterKm, after, unit, onDay }: WatchBody): string =>
  [
    afterHours !== null && `after ${afterHours} h`,
    afterKm !== null && `after ${afterKm.toLocaleString('en-GB')} km`,
    after !== null &&
      unit !== null &&
      `after ${after} ${after === 1 ? CALENDAR[unit].replace(/s$/, '') : CALENDAR[unit]}`,
    onDay && `on ${onDay}`,
  ]
    .filter(Boolean)
    .join(', ')
