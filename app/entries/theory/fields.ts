import { THEORY_STATES } from '#core/words/opened'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'narrow_down',
  log: 'Keep the theory',
  how: null,
  counts: false,
  fields: [
    { type: 'area', key: 'statement', label: 'Theory: what could it be?' },
    { type: 'cause', key: 'causeId', label: 'Is it one of these?' },
    { type: 'text', key: 'proves', label: 'It would be proved by' },
    { type: 'text', key: 'disproves', label: 'It would be ruled out by' },
    { type: 'area', key: 'trial', label: 'Trial: what was done, under which conditions' },
    {
      type: 'text',
      key: 'limits',
      label: "What the trial can't show",
      hint: 'Cold, on the bench, without load, no control.',
    },
    { type: 'chips', key: 'state', label: 'It stands', options: THEORY_STATES, start: 'open', needed: true },
  ],
} satisfies FindingPlan
