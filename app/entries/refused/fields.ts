import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'hand_back',
  log: 'Log the refusal',
  how: null,
  counts: false,
  fields: [
    { type: 'text', key: 'what', label: 'Work that was refused' },
    { type: 'text', key: 'risk', label: 'What it risks, as the owner was told' },
    { type: 'text', key: 'sign', label: 'The sign that will decide it later' },
    { type: 'text', key: 'by', label: 'Who refused it' },
  ],
} satisfies FindingPlan
