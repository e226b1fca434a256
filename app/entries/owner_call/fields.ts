import { CALL_RESULTS } from '#core/words/deciding'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'decide',
  log: 'Log the call',
  how: null,
  counts: false,
  fields: [
    { type: 'chips', key: 'result', label: 'The owner', options: CALL_RESULTS },
    { type: 'text', key: 'answer', label: 'Said', when: d => d.result === 'answered' },
    {
      type: 'money',
      key: 'capMinor',
      label: 'New cap',
      hint: 'Empty: the cap stays.',
      when: d => d.result === 'answered',
    },
  ],
} satisfies FindingPlan
