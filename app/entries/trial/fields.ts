import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'prove',
  tab: { label: 'A short trial', at: 1 },
  log: 'Log the trial',
  how: null,
  counts: false,
  intro:
    'A run by the shop alone, for minutes named before: to hear it once more, or to prove a cure. It lifts nothing, and it is never a ride.',
  caution: 'Metal may be thrown; exhaust outdoors; extinguisher at hand. A child never sits on it.',
  fields: [
    { type: 'text', key: 'why', label: 'What it is to show' },
    { type: 'figure', key: 'minutes', label: 'Minutes, named before', suffix: 'min' },
    { type: 'switch', key: 'shield', label: 'Shield between it and everybody' },
    { type: 'switch', key: 'distance', label: 'Off to the side, at a distance' },
    { type: 'switch', key: 'nobodyNear', label: 'Nobody else near' },
    { type: 'switch', key: 'noLoad', label: 'Blade, belt or chain off, no load' },
    { type: 'text', key: 'second', label: 'The second person' },
    { type: 'area', key: 'shown', label: 'What it showed' },
  ],
} satisfies FindingPlan
