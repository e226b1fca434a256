import { EARLIER_HANDS, OUTSIDE_CLUES } from '#core/words/counter'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'first_look',
  tab: { label: 'Outside', at: 7 },
  log: 'Log what is seen',
  how: 'by_eye',
  counts: true,
  fields: [
    { type: 'many', key: 'outside', label: 'Outside', options: OUTSIDE_CLUES },
    { type: 'many', key: 'hands', label: 'Earlier hands', options: EARLIER_HANDS },
    {
      type: 'figure',
      key: 'ageYears',
      label: 'Age of the machine',
      suffix: 'years',
      hint: 'Rust and age set the allowance for stuck fasteners.',
    },
    note,
  ],
  normal: { word: 'Nothing to see', draft: {} },
} satisfies FindingPlan
