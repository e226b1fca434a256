import type { JobFile } from '../file'
import type { Judgement } from '../../judgement'
import { against, boreOf, fitAgainst, graver, limitOf } from '../../measure/against'
import { MEASURE_PLANS } from '../../measure/items'
import { squishSolder } from '../../measure/squish'
import { TOOLS } from '../../measure/tools'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { Logged } from '../../log/entry'
import type { MeasureBody } from './schema'

/** One measurement other than the bore. */
export function judgeMeasure(entry: Logged<MeasureBody>, file: JobFile): Judgement {
  const { item, reads, tool, place, soldMm } = entry.body
  const plan = MEASURE_PLANS[item]
  const bore = boreOf(file)
  const unit = plan.unit === 'deg' ? 'deg' : (reads[0]?.unit ?? 'mm')
  const mm = reads.map(r => convert(r.value, r.unit, 'mm'))
  const value = plan.figure(mm)
  const show = (figure: number): string => (unit === 'deg' ? `${figure.toFixed(1)}°` : shownIn(figure, 'mm', unit))
  const thumb = plan.thumb(file.facts, bore, mm)
  const [lower, upper] = [limitOf(file, plan.least, thumb.lower, unit), limitOf(file, plan.most, thumb.upper, unit)]
  const U = unit === 'deg' ? 0.5 : TOOLS[tool].uMm
  const verdict = (plan.fit ? fitAgainst : against)(value, lower, upper, U, entry.how)
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
  if (entry.how !== 'measured') details.push('Not measured: this stands as a look or a feel, on the record too.')
  return {
    entryId: entry.id,
    mark,
    headline: `${plan.label}${place ? `, ${place}` : ''}: ${show(value)}${round ? `, out of round ${show(apart)}` : ''}`,
    details,
  }
}
