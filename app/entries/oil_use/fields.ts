import { hasSump } from '#core/oil/fillMarks'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'first_look',
  tab: { label: 'Uses oil', at: 10, when: ({ facts }) => hasSump(facts) },
  log: 'Log the oil used',
  how: 'claimed',
  counts: true,
  intro: "What was topped up, over how much running: from the owner's memory or the machine's book.",
  fields: [
    { type: 'quantity', key: 'topped', label: 'Topped up', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
    { type: 'figure', key: 'over', label: 'Over a running time or distance of' },
    { type: 'chips', key: 'unit', label: 'In', options: { h: 'hours', km: 'km' }, start: 'h', needed: true },
    {
      type: 'figure',
      key: 'perWeek',
      label: 'It runs in a week',
      hint: 'Then this says on which day it reaches the low mark.',
    },
    note,
  ],
} satisfies FindingPlan
