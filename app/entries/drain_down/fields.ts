import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'measure',
  tab: { label: 'Drain-down', at: 6, when: ({ facts }) => facts.oiling === 'pump_dry' },
  log: 'Log the drain-down',
  how: 'measured',
  counts: true,
  intro: 'Run it, read the tank, let it stand over night, drain the sump into a marked can.',
  caution: 'Hot oil burns. Never top up a tank that stood before it was run.',
  fields: [
    { type: 'quantity', key: 'ran', label: 'Ran down into the sump', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
    { type: 'figure', key: 'hours', label: 'It stood', suffix: 'h' },
    note,
  ],
} satisfies FindingPlan
