import { InputError, TIE } from '../errors'

export interface OilInterval {
  intervalH: number | null
  intervalKm: number | null
  intervalDays: number | null
  usedH: number
  usedKm: number
  usedDays: number
  rateHPerDay: number | null
  rateKmPerDay: number | null
  dutyFactor: number
}

/**
 * How much of the oil's life is used, and which limit comes first. Dust, short trips and racing shorten hours and distance, never days.
 * @param dutyFactor 0.1..1, 0.5 for hard duty
 * @throws InputError `missing` without any interval
 */
export function oilDue(i: OilInterval) {
  const lines = [
    {
      name: 'hours',
      interval: i.intervalH === null ? null : i.intervalH * i.dutyFactor,
      used: i.usedH,
      rate: i.rateHPerDay,
    },
    {
      name: 'km',
      interval: i.intervalKm === null ? null : i.intervalKm * i.dutyFactor,
      used: i.usedKm,
      rate: i.rateKmPerDay,
    },
    { name: 'days', interval: i.intervalDays, used: i.usedDays, rate: 1 },
  ].flatMap(line =>
    line.interval === null ? [] : [{ ...line, interval: line.interval, fraction: line.used / line.interval }],
  )
  const [firstLine] = lines
  if (!firstLine) throw new InputError('missing', 'interval_h', 'Give at least one interval: hours, km or days.')
  const most = lines.reduce((a, b) => (b.fraction > a.fraction + TIE ? b : a), firstLine)
  const ends = lines.flatMap(line => {
    if (line.fraction >= 1 - TIE) return [{ name: line.name, days: 0 }]
    return line.rate ? [{ name: line.name, days: (line.interval - line.used) / line.rate }] : []
  })
  const first = ends.length ? ends.reduce((a, b) => (b.days < a.days - TIE ? b : a)) : null
  return {
    usedFraction: most.fraction,
    overdue: most.fraction >= 1 - TIE,
    mostUsed: most.name,
    firstBy: first?.name ?? null,
    daysLeft: first?.days ?? null,
  }
}
