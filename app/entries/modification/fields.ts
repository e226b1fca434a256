import { MODIFICATION_LABELS, MODIFICATION_STATES } from '#core/words/counter'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'book_in',
  tab: { label: 'Changed or switched off', at: 1 },
  log: 'Log the change',
  how: null,
  counts: false,
  fields: [
    { type: 'chips', key: 'what', label: 'Changed', options: MODIFICATION_LABELS },
    { type: 'text', key: 'text', label: 'What exactly' },
    { type: 'text', key: 'why', label: 'Why was it done?', hint: 'The reason is a finding.' },
    { type: 'chips', key: 'state', label: 'Now', options: MODIFICATION_STATES, start: 'in_place', needed: true },
  ],
} satisfies FindingPlan
