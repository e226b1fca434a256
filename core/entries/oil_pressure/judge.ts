import type { Judgement, Mark } from '../../judgement'
import type { Logged } from '../../log/entry'
import type { SpecItem } from '../../spec/specItems'
import { SPEC_SOURCES, specFor } from '../../spec/specValue'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { JobFile } from '../file'
import type { OilPressureBody } from './schema'

/** Least oil pressure warm, kPa: where bearings are plain, and where they roll and a little is enough. Rule of thumb of the trade. */
const THUMB = { plain: { idle: 50, speed: 200 }, rolling: { idle: 10, speed: 40 } } as const

/**
 * Warm and idling it keeps at least this share of what it had cold. Between 30 and 95 °C oil gets about six times thinner, and what only leaks
 * follows it straight; a sound engine, held by its valve while cold, keeps more than a fifth. Physics of the oil, shop judgement.
 */
export const KEEPS = 0.2

export interface OilPressureJudgement extends Judgement {
  /** under its least warm; null where nothing warm was read */
  low: boolean | null
  /** falls away as it gets warm; null where one of the two was not read */
  falls: boolean | null
}

/** Oil pressure against the sheet's figures, warm; cold it only shows what is lost by warming up. */
export function judgeOilPressure(entry: Logged<OilPressureBody>, file: JobFile): OilPressureJudgement {
  const { coldIdle, warmIdle, warmSpeed, by } = entry.body
  const { spec, facts, policy } = file
  const kPa = (q: OilPressureBody['warmIdle']): number | null => q && convert(q.value, q.unit, 'kPa')
  const show = (p: number): string => shownIn(p, 'kPa', policy.pressureUnit)
  const thumb = facts.bearings === 'rolling' ? THUMB.rolling : THUMB.plain
  const details: string[] = []
  const marks: Mark[] = []
  let low: boolean | null = warmIdle === null && warmSpeed === null ? null : false
  const least = (q: number | null, item: SpecItem, guess: number, name: string): void => {
    if (q === null) return
    const found = specFor(item, spec, facts.engineClass, facts.displacementCc)
    const limit = found?.value ?? guess
    const under = q < limit - 1e-9
    low ||= under
    // the lamp and a rule of thumb condemn nothing
    marks.push(under ? (found && by !== 'lamp' ? 'past' : 'near') : 'good')
    details.push(
      `${name} ${show(q)}; least ${show(limit)} (${found ? SPEC_SOURCES[found.source] : SPEC_SOURCES.rule_of_thumb})${under ? ': too little' : ''}.`,
    )
  }
  least(kPa(warmIdle), 'oil_pressure_idle_min', thumb.idle, 'Warm and idling')
  least(kPa(warmSpeed), 'oil_pressure_speed_min', thumb.speed, 'Warm at speed')
  const most = specFor('oil_pressure_speed_max', spec, facts.engineClass, facts.displacementCc)
  const speed = kPa(warmSpeed)
  if (most && speed !== null && speed > most.value + 1e-9) {
    marks.push('near')
    details.push(`Over its most of ${show(most.value)}: the relief valve sticks, or the oil is too thick.`)
  }
  const [cold, warm] = [kPa(coldIdle), kPa(warmIdle)]
  const falls = cold === null || warm === null || cold <= 0 ? null : warm < KEEPS * cold - 1e-9
  if (falls) {
    marks.push('near')
    details.push(
      `It falls from ${show(cold ?? 0)} cold to ${show(warm ?? 0)} warm: worn bearings or a worn pump leak most when the oil is thin.`,
    )
  }
  if (!marks.length) details.push('Read cold only: cold oil flatters a worn pump. Read it again warm and idling.')
  const mark: Mark = (['past', 'near'] as const).find(m => marks.includes(m)) ?? (marks.length ? 'good' : 'open')
  const told = warm ?? kPa(warmSpeed) ?? cold ?? kPa(entry.body.coldSpeed) ?? 0
  return {
    entryId: entry.id,
    mark,
    headline: `Oil pressure ${show(told)}${warm === null && warmSpeed === null ? ' cold' : ' warm'}${mark === 'past' ? ': too little' : ''}`,
    details,
    low,
    falls,
  }
}
