import type { JobFile } from '../file'
import { hoursPerCalendarDay, meterHours, meterThatCounts } from '../meter/runningTime'
import type { Judgement, Mark } from '../../judgement'
import { fillMarks } from '../../oil/fillMarks'
import { judgeOil } from '../oil/judge'
import { oilConsumption } from '../../oil/oilConsumption'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { Entry } from '../types'
import type { Logged } from '../../log/entry'
import type { OilUseBody } from './schema'
import { keptOf } from '../kept'

export interface OilUseJudgement extends Judgement {
  /** mL an hour, or mL in 1,000 km */
  rate: number
  /** hours or km until the low mark, from the level last read; null when that is not known */
  left: number | null
  /** the day on which it reaches the low mark, ISO date; null without a weekly use */
  lowOn: string | null
}

/** Share of the fill used in ten hours, or 1,000 km, from which it is a finding; and from which it is grave. Shop judgement. */
export const USE_LIMITS = { look: 0.1, grave: 0.3 } as const

const DAY_MS = 24 * 3600_000

/** Oil used, from what was topped up over how much running, with the day it reaches the low mark. */
export function judgeOilUse(entry: Logged<OilUseBody>, file: JobFile, inForce: Entry[]): OilUseJudgement {
  const { topped, over, unit, perWeek } = entry.body
  const addedMl = convert(topped.value, topped.unit, 'mL')
  const used = oilConsumption({
    v0Ml: 0,
    v1Ml: 0,
    addedMl,
    drainedMl: 0,
    hours: unit === 'h' ? over : null,
    km: unit === 'km' ? over : null,
    fuelMl: null,
    uReadingMl: 0,
  })
  const rate = (unit === 'h' ? used.mlPerH : used.mlPer1000Km) ?? 0
  const perUnit = unit === 'h' ? rate : rate / 1000
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const show = (ml: number): string => shownIn(ml, 'mL', file.policy.volumeUnit)
  const level = keptOf(inForce).oil.at(-1)
  const now = level && judgeOil(level, file).volumeMl
  const spare = marks && now !== null && now !== undefined ? now - marks.lowMl : null
  const left = spare === null || perUnit <= 0 ? null : Math.max(0, spare / perUnit)
  const weekly = perWeek ?? weeklyHours(inForce, unit)
  const lowOn =
    left === null || weekly === null || weekly <= 0 || !level
      ? null
      : new Date(Date.parse(level.at) + (left / weekly) * 7 * DAY_MS).toISOString().slice(0, 10)
  const share = marks ? (perUnit * (unit === 'h' ? 10 : 1000)) / marks.capacityMl : null
  const mark: Mark =
    share === null ? 'open' : share >= USE_LIMITS.grave ? 'past' : share >= USE_LIMITS.look ? 'near' : 'good'
  const span = unit === 'h' ? 'an hour' : 'in 1,000 km'
  const details = [`${show(addedMl)} over ${over} ${unit}.`]
  if (share !== null)
    details.push(
      `That is ${Math.round(100 * share)} % of the fill in ${unit === 'h' ? 'ten hours' : '1,000 km'} (rule of thumb: look from ${100 * USE_LIMITS.look} %, grave from ${100 * USE_LIMITS.grave} %).`,
    )
  if (left !== null)
    details.push(
      left === 0
        ? 'It is at or under the low mark already.'
        : `From the level last read it reaches the low mark in about ${Math.round(left)} ${unit}${lowOn ? `, on ${lowOn} as it is used` : ''}.`,
    )
  else details.push('Read the level, and this says when it reaches the low mark.')
  if (mark !== 'good') details.push('Used is burnt or leaked: smoke, plug, breather and the leak map tell which.')
  return { entryId: entry.id, mark, headline: `Uses ${show(rate)} of oil ${span}`, details, rate, left, lowOn }
}

function weeklyHours(inForce: Entry[], unit: 'h' | 'km'): number | null {
  const pattern = keptOf(inForce).meter.at(-1)?.body.pattern
  return pattern && unit === 'h' ? 7 * hoursPerCalendarDay(pattern) : null
}

/**
 * Oil that went between the last filling here and this reading, where hours are known on both visits.
 * @returns null when either level or either running time is not known, or the oil was changed in between
 */
export function usedSinceLastVisit(
  file: JobFile,
  inForce: Entry[],
): { number: number; usedMl: number; hours: number; mlPerH: number } | null {
  const before = file.history.at(-1)
  const read = keptOf(inForce).oil.at(-1)
  if (!before || !read) return null
  const was = before.entries.filter(e => e.kind === 'oil' || (e.kind === 'fluid' && e.body.action === 'filled')).at(-1)
  const v0Ml =
    was?.kind === 'oil'
      ? judgeOil(was, file).volumeMl
      : was?.kind === 'fluid'
        ? convert(was.body.amount.value, was.body.amount.unit, 'mL')
        : null
  const v1Ml = judgeOil(read, file).volumeMl
  const [m0, m1] = [meterThatCounts(keptOf(before.entries).meter), meterThatCounts(keptOf(inForce).meter)]
  const [h0, h1] = [meterHours(m0), meterHours(m1)]
  if (v0Ml === null || v1Ml === null || h0 === null || h1 === null || h1 <= h0) return null
  const { usedMl, mlPerH } = oilConsumption({
    v0Ml,
    v1Ml,
    addedMl: 0,
    drainedMl: 0,
    hours: h1 - h0,
    km: null,
    fuelMl: null,
    uReadingMl: 0,
  })
  return { number: before.number, usedMl, hours: h1 - h0, mlPerH: mlPerH ?? 0 }
}
