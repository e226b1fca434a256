import type { JobFile } from '../file'
import { hoursPerCalendarDay, meterHours, visitsWithHours } from '../meter/runningTime'
import type { Judgement } from '../../judgement'
import { oilDue } from '../../oil/oilDue'
import { SPEC_SOURCES, specFor } from '../../spec/specValue'
import { shownIn } from '../../units/unitRound'
import type { Entry } from '../types'
import type { Logged } from '../../log/entry'
import type { OilChangeBody } from './schema'
import { keptOf } from '../kept'

export interface OilRhythm {
  /** running time at each change, hours, oldest first; changes without a known running time are left out */
  at: number[]
  averageH: number | null
  longestH: number | null
  intervalH: number | null
  /** hours run since the last change, where both are known */
  sinceH: number | null
  overdue: boolean
  /** calendar days until it is due, at the use that was logged */
  daysLeft: number | null
}

/** Oil changes of one machine over all its visits: how regular they were, and when the next is due. */
export function oilRhythm(file: JobFile, inForce: Entry[]): OilRhythm {
  const visits = visitsWithHours(file.history, inForce)
  const at = visits
    .flatMap(v => keptOf(v.entries).oil_change.map(e => e.body.atHours ?? v.hours))
    .filter(h => h !== null)
  const gaps = at
    .slice(1)
    .map((h, i) => h - (at[i] ?? h))
    .filter(gap => gap > 0)
  const intervalH = specFor('oil_change', file.spec, file.facts.engineClass, file.facts.displacementCc)?.value ?? null
  const nowH = [...visits].reverse().find(v => v.hours !== null)?.hours ?? null
  const last = at.at(-1)
  const sinceH = last === undefined || nowH === null ? null : Math.max(0, nowH - last)
  const pattern = keptOf(inForce).meter.at(-1)?.body.pattern
  const due =
    intervalH !== null && sinceH !== null
      ? oilDue({
          intervalH,
          intervalKm: null,
          intervalDays: null,
          usedH: sinceH,
          usedKm: 0,
          usedDays: 0,
          rateHPerDay: pattern ? hoursPerCalendarDay(pattern) : null,
          rateKmPerDay: null,
          dutyFactor: 1,
        })
      : null
  return {
    at,
    averageH: gaps.length ? gaps.reduce((a, b) => a + b, 0) / gaps.length : null,
    longestH: gaps.length ? Math.max(...gaps) : null,
    intervalH,
    sinceH,
    overdue: due?.overdue ?? false,
    daysLeft: due?.daysLeft ?? null,
  }
}

/** The rhythm in sentences, for the machine's page and the finding. */
export function rhythmWords({ at, averageH, longestH, intervalH, sinceH, overdue, daysLeft }: OilRhythm): string[] {
  const h = (x: number): string => `${Math.round(x)} h`
  const words: string[] = []
  if (at.length > 1 && averageH !== null && longestH !== null)
    words.push(`${at.length} changes on record: every ${h(averageH)} on average, the longest gap ${h(longestH)}.`)
  if (sinceH !== null && intervalH !== null)
    words.push(
      overdue
        ? `${h(sinceH)} on this oil, asked every ${h(intervalH)}: overdue.`
        : `${h(sinceH)} on this oil of ${h(intervalH)}${daysLeft === null ? '' : `, due in about ${Math.round(daysLeft)} days as it is used`}.`,
    )
  else if (!at.length) words.push('No oil change is on record here.')
  return words
}

/** An oil change as it stands in the life of the machine. */
export function judgeOilChange(entry: Logged<OilChangeBody>, file: JobFile, inForce: Entry[]): Judgement {
  const { amount, oil, filter } = entry.body
  const found = specFor('oil_change', file.spec, file.facts.engineClass, file.facts.displacementCc)
  const meter = entry.body.atHours ?? meterHours(keptOf(inForce).meter.at(-1))
  const said = [amount && shownIn(amount.value, amount.unit, file.policy.volumeUnit), oil, filter ? 'filter too' : null]
    .filter(Boolean)
    .join(', ')
  return {
    entryId: entry.id,
    mark: meter === null ? 'open' : 'good',
    headline: `Oil changed${meter === null ? '' : ` at ${Math.round(meter)} h`}${said ? `: ${said}` : ''}`,
    details: [
      ...(meter === null ? ['The running time is not known, so nobody can say when the next is due.'] : []),
      ...rhythmWords(oilRhythm(file, inForce)),
      ...(found ? [`Asked every ${Math.round(found.value)} h (${SPEC_SOURCES[found.source]}).`] : []),
    ],
  }
}
