/** Units in which something may be due by the calendar. */
export const CALENDAR = { days: 'days', weeks: 'weeks', months: 'months', years: 'years' } as const
export type CalendarUnit = keyof typeof CALENDAR

/** Days of a year on average, the leap years counted. */
export const DAYS_PER_YEAR = 365.2425
export const DAYS_PER_MONTH = DAYS_PER_YEAR / 12
export const WEEKS_PER_MONTH = DAYS_PER_MONTH / 7

const MS_PER_DAY = 86_400_000

/**
 * A day so many days, weeks, months or years after another, as a calendar counts: a month after 31 January is the last day of February.
 * @param day    YYYY-MM-DD
 * @param amount whole number
 * @example addCalendar('2026-01-31', 1, 'months')  // => '2026-02-28'
 */
export function addCalendar(day: string, amount: number, unit: CalendarUnit): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  if (unit === 'days' || unit === 'weeks')
    return new Date(Date.UTC(year, month - 1, date) + amount * (unit === 'weeks' ? 7 : 1) * MS_PER_DAY)
      .toISOString()
      .slice(0, 10)
  const months = month - 1 + amount * (unit === 'years' ? 12 : 1)
  const last = new Date(Date.UTC(year, months + 1, 0)).getUTCDate()
  return new Date(Date.UTC(year, months, Math.min(date, last))).toISOString().slice(0, 10)
}

/** Whole days from one day to another, YYYY-MM-DD; negative where the other lies before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / MS_PER_DAY)

/** The day of an instant, in UTC. */
export const dayOf = (instant: string): string => new Date(Date.parse(instant)).toISOString().slice(0, 10)
