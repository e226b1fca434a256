import { FILLED_TO, OIL_CHANGE_FOR } from '#core/words/looks'
import { hasSump } from '#core/oil/fillMarks'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'build',
  tab: { label: 'Oil change', at: 4, when: ({ facts }) => hasSump(facts) },
  log: 'Log the oil change',
  how: null,
  counts: false,
  intro:
    'All of it, never only topped up: old oil with new on top is old oil. Read the level again after five minutes.',
  caution: 'Hot oil burns. Waste oil to its own can: follow your local rules.',
  fields: [
    { type: 'quantity', key: 'amount', label: 'Filled', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
    { type: 'chips', key: 'to', label: 'Filled to, read again', options: FILLED_TO },
    { type: 'chips', key: 'occasion', label: 'What for', options: OIL_CHANGE_FOR, start: 'service' },
    { type: 'text', key: 'oil', label: 'Which oil' },
    { type: 'switch', key: 'filter', label: 'Filter or strainer too' },
    {
      type: 'figure',
      key: 'atHours',
      label: 'At a running time of',
      suffix: 'h',
      hint: 'Empty: the running time of this visit.',
    },
    {
      type: 'figure',
      key: 'atKm',
      label: 'At a distance of',
      suffix: 'km',
      when: (_draft, facts) => facts.engineClass === 'M4' || facts.engineClass === 'T4',
    },
  ],
} satisfies FindingPlan
