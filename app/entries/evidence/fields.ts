import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'open_up',
  tab: { label: 'Evidence', at: 6 },
  log: 'Keep it as evidence',
  how: null,
  counts: false,
  intro:
    'Foreign matter and missing pieces stay open until somebody can say what they are. Bag it, label it, photograph it.',
  fields: [
    { type: 'text', key: 'what', label: 'What it is' },
    { type: 'text', key: 'where', label: 'Where it was found, or is missing from' },
    { type: 'switch', key: 'missing', label: 'It is a piece that is missing' },
    { type: 'text', key: 'explained', label: 'Explanation', hint: 'Empty: stays open.' },
  ],
} satisfies FindingPlan
