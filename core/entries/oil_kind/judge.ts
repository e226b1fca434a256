import type { JobFile } from '../file'
import type { Mark, StoppingJudgement } from '../../judgement'
import type { Fit } from '../../oil/oilFits'
import { FIT_WORDS, WRONG, oilFits } from '../../oil/oilFits'
import { OIL_KINDS } from '../../words/looks'
import type { EntryOf } from '../types'

const FIT_MARKS: Record<Fit, Mark> = { fits: 'good', check: 'open', does_not_fit: 'past' }

export function judgeOilKind(entry: EntryOf<'oil_kind'>, file: JobFile): StoppingJudgement {
  const { what, grade } = entry.body
  const { fit, reasons } = oilFits(entry.body, file.facts)
  const wrong = WRONG.includes(what)
  return {
    entryId: entry.id,
    mark: FIT_MARKS[fit],
    headline: `${OIL_KINDS[what]}${grade ? ` ${grade}` : ''}: ${FIT_WORDS[fit]}`,
    details: reasons.map(r => r.why),
    stops: wrong
      ? [
          {
            id: 'wrong_fluid',
            title: "Don't run it on this",
            reason: `${OIL_KINDS[what]} is in it.`,
            clearedBy: 'Drained, and the right oil logged.',
          },
        ]
      : [],
  }
}
