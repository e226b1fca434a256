import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import type { Fit } from './oilFits'
import { FIT_WORDS, oilFits } from './oilFits'
import { schoolOf, schoolWords } from '../../engine/schools'
import { OIL_KINDS } from '../../words/looks'
import type { Logged } from '../../log/entry'
import type { OilKindBody } from './schema'

const FIT_MARKS: Record<Fit, Mark> = { fits: 'good', check: 'open', does_not_fit: 'past' }

const ownOil = ({ policy }: JobFile): string =>
  schoolOf(policy, 'which_oil') === 'shop' && policy.ownOil ? `, ${policy.ownOil}` : ''

export function judgeOilKind(entry: Logged<OilKindBody>, file: JobFile): Judgement {
  const { what, grade } = entry.body
  const { fit, reasons } = oilFits(entry.body, file.facts)
  return {
    entryId: entry.id,
    mark: FIT_MARKS[fit],
    headline: `${OIL_KINDS[what]}${grade ? ` ${grade}` : ''}: ${FIT_WORDS[fit]}`,
    details: [
      ...reasons.map(r => r.why),
      ...(what === 'additive' ? [`${schoolWords(file.policy, 'thick_additive')}.`] : []),
      ...(what === 'engine' || what === 'unknown' ? [`${schoolWords(file.policy, 'which_oil')}${ownOil(file)}.`] : []),
    ],
  }
}
