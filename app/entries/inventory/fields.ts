import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'book_in',
  tab: { label: 'Came in pieces', at: 3 },
  log: 'Log what is in the box',
  how: null,
  counts: false,
  fields: [
    { type: 'lines', key: 'here', label: 'Here, one thing a line' },
    { type: 'lines', key: 'missing', label: 'Missing, one thing a line' },
    { type: 'text', key: 'from', label: 'Who took it apart', hint: 'What they found is a claim: log it as one.' },
  ],
} satisfies FindingPlan
