import type { JobFile } from '../file'
import { meterHours, meterKm, meterThatCounts } from '../meter/runningTime'
import type { Judgement } from '../../judgement'
import { fillMarks } from '../../oil/fillMarks'
import { oilIntervals } from '../../oil/oilIntervals'
import type { OilState } from '../../oil/oilSeverity'
import { OIL_STATE_MARKS, OIL_STATE_WORDS, overWords, stateOfVolume } from '../../oil/oilWords'
import { schoolWords } from '../../engine/schools'
import { SPEC_SOURCES } from '../../spec/specValue'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import { FILLED_TO } from '../../words/looks'
import type { Entry } from '../types'
import type { Logged } from '../../log/entry'
import type { OilChangeBody } from './schema'
import { keptOf } from '../kept'
import { oilRhythm, rhythmWords } from './rhythm'

export interface OilChangeJudgement extends Judgement {
  /** how what was poured in stands between the marks; null where either is not known */
  state: OilState | null
  /** the marks are a rule of thumb */
  guessed: boolean
}

/** What was poured in against the marks of this engine: the same judgement as of a level that was read. */
function fillOf(
  { amount, to }: OilChangeBody,
  file: JobFile,
): { state: OilState | null; guessed: boolean; words: string[] } {
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const show = (ml: number): string => shownIn(ml, 'mL', file.policy.volumeUnit)
  const guessed = marks?.source === 'rule_of_thumb'
  if (to === 'over')
    return { state: 'dangerously_over', guessed: false, words: ['Over its mark as it was read: draw it down first.'] }
  if (!amount || !marks)
    return { state: null, guessed, words: to ? [`Filled to: ${FILLED_TO[to].toLowerCase()}.`] : [] }
  const ml = convert(amount.value, amount.unit, 'mL')
  const state = stateOfVolume(ml, marks)
  return {
    state,
    guessed,
    words: [
      `${show(ml)} poured in, ${OIL_STATE_WORDS[state]}${overWords(ml, marks.capacityMl)}; the marks are ${show(marks.lowMl)} and ${show(marks.fullMl)} (${SPEC_SOURCES[marks.source]}).${to === 'not_read' || !to ? ' Read it again, upright, after five minutes.' : ''}`,
    ],
  }
}

/** An oil change as it stands in the life of the machine. */
export function judgeOilChange(entry: Logged<OilChangeBody>, file: JobFile, inForce: Entry[]): OilChangeJudgement {
  const { amount, oil, filter } = entry.body
  const every = oilIntervals(file)
  const counts = meterThatCounts(keptOf(inForce).meter)
  const hours = entry.body.atHours ?? meterHours(counts)
  const km = entry.body.atKm ?? meterKm(counts)
  const at =
    km !== null ? `${Math.round(km).toLocaleString('en-GB')} km` : hours === null ? null : `${Math.round(hours)} h`
  const said = [amount && shownIn(amount.value, amount.unit, file.policy.volumeUnit), oil, filter ? 'filter too' : null]
    .filter(Boolean)
    .join(', ')
  const fill = fillOf(entry.body, file)
  const level =
    fill.state && !(fill.guessed && OIL_STATE_MARKS[fill.state] === 'past') ? OIL_STATE_MARKS[fill.state] : null
  const rhythm = oilRhythm(file, inForce)
  const asked = [
    every.km && `${every.km.value.toLocaleString('en-GB')} km (${SPEC_SOURCES[every.km.source]})`,
    every.hours && every.hoursSay && `${Math.round(every.hours.value)} h (${SPEC_SOURCES[every.hours.source]})`,
    every.months && `${every.months.value} months (${SPEC_SOURCES[every.months.source]})`,
  ].filter(Boolean)
  return {
    entryId: entry.id,
    mark: level && level !== 'good' ? level : at === null ? 'open' : 'good',
    headline: `Oil changed${at === null ? '' : ` at ${at}`}${said ? `: ${said}` : ''}`,
    details: [
      ...fill.words,
      ...(at === null ? ['The running time is not known, so nobody can say when the next is due.'] : []),
      ...rhythmWords(rhythm),
      ...(rhythm.overdue ? [`${schoolWords(file.policy, 'life')}.`] : []),
      ...(asked.length ? [`Asked every ${asked.join(', ')}${asked.length > 1 ? ', whichever comes first' : ''}.`] : []),
    ],
    state: fill.state,
    guessed: fill.guessed,
  }
}
