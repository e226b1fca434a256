import type { JobFile } from '../file'
import { hoursPerCalendarDay, meterThatCounts, runningNow, visitsWithHours } from '../meter/runningTime'
import { oilDue } from '../../oil/oilDue'
import { schoolOf } from '../../engine/schools'
import { oilIntervals } from '../../oil/oilIntervals'
import { addCalendar, dayOf, daysBetween } from '../../units/calendar'
import type { Entry } from '../types'
import { keptOf } from '../kept'

export interface OilRhythm {
  /** running time at each change, hours, oldest first; changes without a known running time are left out */
  at: number[]
  averageH: number | null
  longestH: number | null
  intervalH: number | null
  intervalKm: number | null
  intervalMonths: number | null
  /** what the shop's rule makes of the maker's hours and km: 1, or a half where it works hard */
  factor: number
  /** the meter counts back somewhere: hours and km say nothing */
  back: boolean
  /** run since the last change, where both are known */
  sinceH: number | null
  sinceKm: number | null
  sinceDays: number | null
  overdue: boolean
  /** which of the three is used up most */
  mostUsed: string | null
  /** calendar days until it is due, at the use that was logged */
  daysLeft: number | null
}

/** Uses that heat and dirty the oil twice as fast. Shop judgement. */
const HARD: readonly string[] = ['working', 'hire', 'race']
const HALF = 0.5

interface Change {
  hours: number | null
  km: number | null
  day: string
}

/** Days that so many months after a day really are. */
const monthsInDays = (from: string, months: number): number => daysBetween(from, addCalendar(from, months, 'months'))

/** Oil changes of one machine over all its visits: how regular they were, and when the next is due: by hours, km or months, whichever first. */
export function oilRhythm(file: JobFile, inForce: Entry[]): OilRhythm {
  const visits = visitsWithHours(file.history, inForce)
  const changes = visits.flatMap(v =>
    keptOf(v.entries).oil_change.map((e): Change => ({
      hours: e.body.atHours ?? v.hours,
      km: e.body.atKm ?? v.km,
      day: dayOf(e.at),
    })),
  )
  const at = changes.map(c => c.hours).filter(h => h !== null)
  const gaps = at
    .slice(1)
    .map((h, i) => h - (at[i] ?? h))
    .filter(gap => gap > 0)
  const every = oilIntervals(file)
  const [hours, km, months] = [every.hours?.value ?? null, every.km?.value ?? null, every.months?.value ?? null]
  const last = changes.at(-1)
  const now = runningNow(visits)
  const today = visits.findLast(v => v.at !== null)?.at ?? null
  // over a meter that counts back nothing is reckoned: only the calendar still says when
  const back = visits.some(v => v.back)
  const since = (is: number | null, was: number | null | undefined): number | null =>
    back || is === null || was === null || was === undefined ? null : Math.max(0, is - was)
  const sinceKm = since(now.km, last?.km)
  const sinceDays = last && today ? Math.max(0, daysBetween(last.day, dayOf(today))) : null
  // where the maker counts km and the meter does too, hours of a rule of thumb say nothing
  const sinceH = now.km !== null && !every.hoursSay ? null : since(now.hours, last?.hours)
  const intervalDays = months !== null && last ? monthsInDays(last.day, months) : null
  const pattern = meterThatCounts(keptOf(inForce).meter)?.body.pattern
  const use = [...visits].reverse().flatMap(v => keptOf(v.entries).terms.slice(-1))[0]?.body.useClass
  const factor = schoolOf(file.policy, 'oil_interval') === 'hard_half' && use && HARD.includes(use) ? HALF : 1
  const lines = {
    intervalH: sinceH === null ? null : hours,
    intervalKm: sinceKm === null ? null : km,
    intervalDays: sinceDays === null ? null : intervalDays,
  }
  const due = Object.values(lines).some(i => i !== null)
    ? oilDue({
        ...lines,
        usedH: sinceH ?? 0,
        usedKm: sinceKm ?? 0,
        usedDays: sinceDays ?? 0,
        rateHPerDay: pattern ? hoursPerCalendarDay(pattern) : null,
        rateKmPerDay: null,
        dutyFactor: factor,
      })
    : null
  return {
    at,
    averageH: gaps.length ? gaps.reduce((a, b) => a + b, 0) / gaps.length : null,
    longestH: gaps.length ? Math.max(...gaps) : null,
    intervalH: hours === null ? null : hours * factor,
    intervalKm: km === null ? null : km * factor,
    factor,
    intervalMonths: months,
    back,
    sinceH,
    sinceKm,
    sinceDays,
    overdue: due?.overdue ?? false,
    mostUsed: due?.mostUsed ?? null,
    daysLeft: due?.daysLeft ?? null,
  }
}

/** The rhythm in sentences, for the machine's page and the finding. */
export function rhythmWords(r: OilRhythm): string[] {
  const h = (x: number): string => `${Math.round(x)} h`
  const kmWords = (x: number): string => `${Math.round(x).toLocaleString('en-GB')} km`
  const words: string[] = []
  if (r.at.length > 1 && r.averageH !== null && r.longestH !== null)
    words.push(`${r.at.length} changes on record: every ${h(r.averageH)} on average, the longest gap ${h(r.longestH)}.`)
  const used = [
    r.sinceH !== null && r.intervalH !== null ? { is: h(r.sinceH), of: h(r.intervalH) } : null,
    r.sinceKm !== null && r.intervalKm !== null ? { is: kmWords(r.sinceKm), of: kmWords(r.intervalKm) } : null,
    r.sinceDays !== null && r.intervalMonths !== null
      ? { is: `${r.sinceDays} days`, of: `${r.intervalMonths} months` }
      : null,
  ].filter(u => u !== null)
  const left = r.daysLeft !== null && !r.overdue ? `, due in about ${Math.round(r.daysLeft)} days as it is used` : ''
  if (used.length === 1 && used[0])
    words.push(
      r.overdue
        ? `${used[0].is} on this oil, asked every ${used[0].of}: overdue.`
        : `${used[0].is} on this oil of ${used[0].of}${left}.`,
    )
  else if (used.length)
    words.push(
      `On this oil ${used.map(u => `${u.is} of ${u.of}`).join(', ')}, whichever comes first${r.overdue ? `: overdue by ${r.mostUsed ?? ''}` : left}.`,
    )
  else if (!r.at.length) words.push('No oil change is on record here.')
  if (r.back) words.push('Its meter counts back between the visits: hours and km on this oil are not known.')
  if (r.factor !== 1 && used.length) words.push("Half of the maker's interval, for it works hard (shop's rule).")
  return words
}
