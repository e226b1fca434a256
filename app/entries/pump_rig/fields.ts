import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'measure',
  tab: { label: 'Pump rig', at: 4, when: ({ facts }) => facts.oiling.startsWith('pump') },
  log: 'Log the rig',
  how: 'measured',
  counts: true,
  intro:
    "The pump in a can of this engine's oil, driven by a drill the right way round, caught in a measuring can. A sound pump in the same rig is its control.",
  caution: 'Eyes covered; the drill clamped, nothing loose near it. Hot oil burns.',
  fields: [
    { type: 'figure', key: 'drillRpm', label: 'Speed of the drill', suffix: 'rpm' },
    {
      type: 'figure',
      key: 'ratio',
      label: 'Turns of the pump to one of the engine',
      hint: '0.5 for a pump that turns half as fast.',
    },
    { type: 'quantity', key: 'amount', label: 'Caught', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
    { type: 'figure', key: 'seconds', label: 'In', suffix: 's' },
    {
      type: 'quantity',
      key: 'control',
      label: 'A sound pump, same time and speed',
      units: ['mL', 'L', 'US_floz'],
      kind: 'volume',
    },
    {
      type: 'quantity',
      key: 'pressure',
      label: 'Against a pressure of',
      units: ['bar', 'psi', 'kPa'],
      kind: 'pressure',
    },
    { type: 'figure', key: 'oilC', label: 'Oil at', suffix: '°C' },
    note,
  ],
} satisfies FindingPlan
