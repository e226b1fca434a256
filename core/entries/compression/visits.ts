import { compToStandard } from '../../compression/ambient'
import { compTrend } from '../../compression/compTrend'
import type { JobFile } from '../file'
import { visitsWithHours } from '../meter/runningTime'
import { convert } from '../../units/unitConvert'
import type { Entry } from '../types'
import type { SpecSource } from '../../spec/specValue'
import { specFor } from '../../spec/specValue'
import type { Logged } from '../../log/entry'
import type { CompressionBody } from './schema'
import { keptOf } from '../kept'

export interface CompressionPoint {
  hours: number | null
  pStdKpa: number
  at: string
  number: number | null
}

export interface CompressionHistory {
  points: CompressionPoint[]
  slopeKpaPer100h: number | null
  hoursToLimit: number | null
  significant: boolean | null
  /** the meter counts back somewhere between: no line is drawn over that */
  back: boolean
}

/** Same state only: the same cylinder, throttle open, and the release at work or not alike. */
const alike = (a: Logged<CompressionBody>, b: Logged<CompressionBody>): boolean =>
  (a.body.ofCylinder ?? null) === (b.body.ofCylinder ?? null) &&
  a.body.throttleOpen &&
  b.body.throttleOpen &&
  (a.body.release === 'working') === (b.body.release === 'working')

/**
 * Compression over the visits of one machine, sea-level figures, one for each visit (its last).
 * @returns null with fewer than two readings; no slope when running time is not known on at least two visits that differ
 */
export function compressionHistory(
  file: JobFile,
  now: Entry[],
  like: Logged<CompressionBody>,
  limitKpa: number | null,
): CompressionHistory | null {
  const visits = visitsWithHours(file.history, now)
  const back = visits.some(v => v.back)
  const points = visits.flatMap(({ entries, hours, number }): CompressionPoint[] => {
    const last = keptOf(entries)
      .compression.filter(e => e.body.dry !== null && alike(e, like))
      .at(-1)
    if (!last?.body.dry) return []
    const { pStdKpa } = compToStandard({
      pGaugeKpa: convert(last.body.dry.value, last.body.dry.unit, 'kPa'),
      pAmbKpa: null,
      altitudeM: last.body.altitudeM ?? file.policy.altitudeM,
      tempC: 15,
      mode: 'pressure',
    })
    return [{ hours, pStdKpa, at: last.at, number }]
  })
  if (points.length < 2) return null
  const timed = points.filter(p => p.hours !== null)
  const distinct = new Set(timed.map(p => p.hours)).size
  if (back || timed.length < 2 || distinct < 2 || limitKpa === null)
    return { points, slopeKpaPer100h: null, hoursToLimit: null, significant: null, back }
  const { slopeKpaPer100h, hoursToLimit, slopeSignificant } = compTrend({
    hours: timed.map(p => p.hours ?? 0),
    pStdKpa: timed.map(p => p.pStdKpa),
    limitKpa,
  })
  return { points, slopeKpaPer100h, hoursToLimit, significant: slopeSignificant, back }
}

/**
 * How fast it falls over the visits, in words.
 * @param show writes a pressure, given in kPa, in the shop's unit
 * @returns none where no line is drawn; few readings and scattered ones say so
 */
export function trendWords(
  { points, slopeKpaPer100h, hoursToLimit, significant, back }: CompressionHistory,
  show: (kpa: number) => string,
): string[] {
  if (back) return ['Its meter counts back between the visits: no line is drawn over that.']
  if (slopeKpaPer100h === null) return []
  const meets =
    hoursToLimit === null
      ? ''
      : hoursToLimit > 0
        ? `; at that pace it meets its limit in about ${Math.round(hoursToLimit)} h`
        : '; it is at its limit now'
  const pace =
    slopeKpaPer100h < 0
      ? `It falls ${show(-slopeKpaPer100h)} in 100 h over ${points.length} visits`
      : 'It does not fall over the visits'
  return [
    `${pace}${meets}.`,
    ...(significant === null
      ? ['From fewer than six readings: a hint, no forecast.']
      : significant
        ? []
        : ['The readings scatter more than that.']),
  ]
}

/** A machine's compression with the figure it is held against, and whose that is. */
export type MachineCompression = CompressionHistory & { limitKpa: number | null; limitBy: SpecSource | null }

/** Compression over all visits of a machine, those that can be compared with its newest reading. */
export function compressionOf(file: JobFile): MachineCompression | null {
  const newest = [...file.history.flatMap(v => v.entries), ...file.entries].filter(
    (e): e is Logged<CompressionBody> & Entry => e.kind === 'compression' && e.body.dry !== null,
  )
  const like = newest.at(-1)
  if (!like) return null
  const figure = specFor('compression_limit', file.spec, file.facts.engineClass, file.facts.displacementCc)
  const limitKpa = like.body.release === 'working' ? null : (figure?.value ?? null)
  const found = compressionHistory(file, file.entries, like, limitKpa)
  return found && { ...found, limitKpa, limitBy: limitKpa === null ? null : (figure?.source ?? null) }
}
