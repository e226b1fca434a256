import type { JobFile } from '../file'
import type { Judgement } from '../../judgement'
import type { Limit, Verdict } from '../../measure/against'
import { RING_SHAPES } from '../../words/opened'
import { against, boreOf, fitAgainst, graver, limitOf } from '../../measure/against'
import { MEASURE_PLANS } from '../../measure/items'
import { squishSolder } from '../../measure/squish'
import { TOOLS } from '../../measure/tools'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { Logged } from '../../log/entry'
import type { MeasureBody } from './schema'

/** Rings whose play in the groove says nothing. */
const CLEARANCE_NOT_READ: readonly string[] = ['keystone', 'spring_rails']

/** A figure of the sheet that has no band of its own, with the little that it may be off. */
const bandOf = (about: Limit | null, by: number, show: (mm: number) => string): Limit | null =>
  about && {
    ...about,
    value: about.value + by,
    words: `${show(about.value + by)}, ${about.words} give or take ${show(Math.abs(by))}`,
  }

export interface MeasureJudgement extends Judgement {
  /** the limits that it is held against are rules of thumb, and no figure of a sheet */
  byThumb: boolean
  /** how many times its most it is, or its least over it; null where it has neither */
  times: number | null
}

/** How far past the nearest of its limits, as a factor: under 1 where it is inside both. */
function timesOf(value: number, lower: Limit | null, upper: Limit | null): number | null {
  const over = upper && upper.value > 0 ? value / upper.value : null
  const under = lower && lower.value > 0 ? (value > 0 ? lower.value / value : Infinity) : null
  return over === null ? under : Math.max(over, under ?? 0)
}

/** One measurement other than the bore. */
export function judgeMeasure(entry: Logged<MeasureBody>, file: JobFile): MeasureJudgement {
  const { item, reads, tool, place, soldMm, swing, shape } = entry.body
  const plan = MEASURE_PLANS[item]
  const bore = boreOf(file)
  const unit = plan.unit === 'deg' ? 'deg' : (reads[0]?.unit ?? 'mm')
  const mm = reads.map(r => convert(r.value, r.unit, 'mm'))
  // a limit is of the whole swing of the needle
  const halved = plan.swing && swing === 'half'
  const value = plan.figure(mm) * (halved ? 2 : 1)
  const show = (figure: number): string => (unit === 'deg' ? `${figure.toFixed(1)}°` : shownIn(figure, 'mm', unit))
  const thumb = plan.thumb(file.facts, bore, mm)
  const about = plan.nominal ? limitOf(file, plan.nominal.item, null, unit) : null
  const [lower, upper] = [
    limitOf(file, plan.least, null, unit) ??
      bandOf(about, -(plan.nominal?.within ?? 0), show) ??
      limitOf(file, undefined, thumb.lower, unit),
    limitOf(file, plan.most, null, unit) ??
      bandOf(about, plan.nominal?.within ?? 0, show) ??
      limitOf(file, undefined, thumb.upper, unit),
  ]
  const U = unit === 'deg' ? 0.5 : TOOLS[tool].uMm
  const byDesign = plan.shaped && shape && CLEARANCE_NOT_READ.includes(shape)
  const verdict: Verdict = byDesign
    ? {
        mark: 'open',
        words: `${RING_SHAPES[shape].toLowerCase()}: its play in the groove is not read so, and says nothing`,
      }
    : (plan.fit ? fitAgainst : against)(value, lower, upper, U, entry.how)
  const fresh = plan.newTo?.(file.facts, bore) ?? null
  const used = verdict.mark === 'good' && fresh !== null && value > fresh + 1e-9
  const limit = [lower && `least ${lower.words}`, upper && `most ${upper.words}`].filter(Boolean).join(', ')
  const ratio =
    upper && upper.value > 0 && value > upper.value ? `, ${(value / upper.value).toFixed(1)} times the most` : ''
  const details = [
    `${show(value)}${ratio}${limit ? `; ${limit}` : ''}; ${TOOLS[tool].label} ± ${unit === 'deg' ? '0.5°' : show(U)}: ${used ? 'worn, and still within its limit' : verdict.words}.`,
  ]
  const advice = plan.advise?.(mm, soldMm, { least: lower?.value ?? null, most: upper?.value ?? null, show }) ?? {
    words: [],
  }
  const apart = Math.max(...mm) - Math.min(...mm)
  const round = plan.apart ? limitOf(file, plan.apart, null, unit) : null
  const oval = round === null ? null : against(apart, null, round, 2 * U, entry.how)
  if (round && oval) details.push(`Out of round ${show(apart)}; most ${round.words}: ${oval.words}.`)
  const mark = graver(graver(verdict.mark, advice.mark), oval?.mark)
  const short = verdict.mark === 'past' && plan.fit && (value <= 1e-9 || (lower !== null && value < lower.value))
  if (verdict.mark === 'past')
    details.push(short ? 'Too tight to go together: the fit is made larger, or the part is another size.' : plan.past)
  details.push(...advice.words)
  if (item === 'squish' && squishSolder({ leftMm: mm[0] ?? 0, rightMm: mm[1] ?? 0, tiltLimitMm: 0.1 }).state !== 'ok')
    details.push('The two sides differ by more than 0.1 mm: a bent rod, or a face that is not square.')
  if (halved) details.push(`${show(plan.figure(mm))} was half of the swing: ${show(value)} in all.`)
  if (shape && shape !== 'plain' && !byDesign) details.push(`${RING_SHAPES[shape]}: by design, no wear.`)
  if (entry.how !== 'measured') details.push('Not measured: this stands as a look or a feel, on the record too.')
  return {
    entryId: entry.id,
    mark,
    headline: `${plan.label}${place ? `, ${place}` : ''}: ${show(value)}${round ? `, out of round ${show(apart)}` : ''}`,
    details,
    byThumb: [lower, upper].every(l => !l || l.source === 'rule_of_thumb'),
    times: timesOf(value, lower, upper),
  }
}
