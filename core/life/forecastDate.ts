import { InputError } from '../errors'

const DAY_MS = 86_400_000

function dayOf(text: string, field: string): number {
  const at = /^\d{4}-\d{2}-\d{2}$/.test(text) ? Date.parse(`${text}T00:00:00Z`) : NaN
  if (Number.isNaN(at) || new Date(at).toISOString().slice(0, 10) !== text)
    throw new InputError('not_a_number', field, `“${text}” is no date: write it as 2030-05-01.`)
  return at / DAY_MS
}

/**
 * The day on which hours run out, from meter readings. Seasonal use makes it too early or too late: say so beside it.
 * @param usage [ISO date, meter], at least two different dates, in any order
 * @returns days and date null when it stands still; date null from 100 years on
 * @throws InputError `too_few`, `non_monotone` for a meter that falls, `not_a_number` for a date that can't be read
 */
export function forecastDate({
  today,
  leftH,
  usage,
}: {
  today: string
  leftH: number
  usage: [date: string, meter: number][]
}): { rateHPerDay: number; days: number | null; date: string | null } {
  const from = dayOf(today, 'today')
  const read = usage
    .map(([date, meter], i) => ({ day: dayOf(date, `usage[${i}][0]`), meter }))
    .sort((a, b) => a.day - b.day)
  const [first, last] = [read[0], read.at(-1)]
  if (!first || !last || last.day === first.day)
    throw new InputError('too_few', 'usage', 'Two readings on different dates are needed.')
  for (const [i, r] of read.entries())
    if (i > 0 && r.meter < (read[i - 1]?.meter ?? 0))
      throw new InputError('non_monotone', 'usage', 'The meter falls between two dates: a new meter, or a slip.')
  const rateHPerDay = (last.meter - first.meter) / (last.day - first.day)
  if (rateHPerDay <= 0) return { rateHPerDay: 0, days: null, date: null }
  const days = Math.floor(leftH / rateHPerDay + 1e-9)
  return { rateHPerDay, days, date: days >= 36500 ? null : new Date((from + days) * DAY_MS).toISOString().slice(0, 10) }
}
