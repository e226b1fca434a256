import type { Judgement } from '../../judgement'
import type { Logged } from '../../log/entry'
import { fillMarks } from '../../oil/fillMarks'
import type { OilAccount } from '../../oil/oilAccount'
import type { OilState } from '../../oil/oilSeverity'
import { OIL_STATE_MARKS, OIL_STATE_WORDS, overWords, stateOfVolume } from '../../oil/oilWords'
import { SPEC_SOURCES } from '../../spec/specValue'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { JobFile } from '../file'
import type { Entry } from '../types'
import { oilIn } from './account'
import { say } from './say'
import type { FluidBody } from './schema'
import { sayingOf } from '../../log/saying'

export type Show = (ml: number) => string

/** The steps of an account as a sum: 950 mL − 430 mL. */
export const sumWords = (steps: OilAccount['steps'], show: Show): string =>
  steps.map((s, i) => (i === 0 && s.sign === '+' ? show(s.ml) : `${s.sign} ${show(s.ml)}`)).join(' ')

export interface FluidJudgement extends Judgement {
  /** what is in it after this, mL; null where it can't be added up */
  nowMl: number | null
  state: OilState | null
}

/** Oil that went in or came out, and what that leaves in the engine. */
export function judgeFluid(entry: Logged<FluidBody>, file: JobFile, inForce: Entry[]): FluidJudgement {
  const { action, amount, to } = entry.body
  const show: Show = ml => shownIn(ml, 'mL', file.policy.volumeUnit)
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const account = oilIn(file, inForce, entry.id)
  const { title, text } = say(entry.body, sayingOf(file.policy))
  const plain = `${title}: ${text}`
  const done = (mark: Judgement['mark'], rest: string[], headline = plain): FluidJudgement => ({
    entryId: entry.id,
    mark,
    headline,
    details: rest,
    nowMl: account.nowMl,
    state: null,
  })
  if (action === 'drained') {
    if (!marks) return done('open', ['The fill of this engine is not known, so nobody can say whether that was all.'])
    const came = convert(amount.value, amount.unit, 'mL')
    return done('open', [
      `${show(came)} came out, ${Math.round((100 * came) / marks.capacityMl)} % of the fill of ${show(marks.capacityMl)} (${SPEC_SOURCES[marks.capacitySource]})${overWords(came, marks.capacityMl)}. A film always stays in it.`,
    ])
  }
  const { nowMl } = account
  if (nowMl === null)
    return done('open', [
      'What was in it before is not known, so this does not add up to a level: read it, or drain all of it into a marked can.',
    ])
  if (!marks) return done('open', [`By what went in and came out it holds ${show(nowMl)}; its fill is not known.`])
  const state = stateOfVolume(nowMl, marks)
  const guessed = marks.source === 'rule_of_thumb'
  const surplus = nowMl - marks.capacityMl
  const words = `By what went in and came out it holds ${show(nowMl)}${account.steps.length > 1 ? ` (${sumWords(account.steps, show)})` : ''}${overWords(nowMl, marks.capacityMl)}; the marks are ${show(marks.lowMl)} and ${show(marks.fullMl)} (${SPEC_SOURCES[marks.source]}).`
  return {
    entryId: entry.id,
    // marks that are guessed condemn no fill
    mark: guessed && OIL_STATE_MARKS[state] === 'past' ? 'near' : OIL_STATE_MARKS[state],
    headline: `${title} ${show(convert(amount.value, amount.unit, 'mL'))}: ${OIL_STATE_WORDS[state]} with ${show(nowMl)} in it`,
    details: [
      words,
      ...(surplus > 0 && state.endsWith('over')
        ? [
            `${show(surplus)} more than its fill of ${show(marks.capacityMl)}; ${show(nowMl - marks.fullMl)} more than the full mark holds.`,
          ]
        : []),
      ...(account.short ? ['More was drawn off than can have been in it: something is not written down.'] : []),
      ...(to === 'over' ? ['Filled over its mark: draw it down before it is turned.'] : []),
      'Read it on the stick all the same, upright and after five minutes.',
    ],
    nowMl,
    state,
  }
}
