import { LASH_STATES, ROCKERS } from '#core/words/opened'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'narrow_down',
  tab: { label: 'Lash', at: 3, when: ({ facts }) => facts.cycle !== 'two' },
  log: 'Log the lash',
  how: 'measured',
  counts: true,
  byCylinder: true,
  intro:
    'Cold, top of compression, both valves shut. Read and write it down before anything is turned; after setting, lock and read again.',
  fields: [
    { type: 'chips', key: 'state', label: 'Read', options: LASH_STATES, start: 'as_found', needed: true },
    { type: 'quantity', key: 'inlet', label: 'Inlet', units: ['mm', 'thou'], kind: 'length' },
    {
      type: 'quantity',
      key: 'exhaust',
      label: 'Exhaust',
      units: ['mm', 'thou'],
      kind: 'length',
      hint: 'Nothing at all is 0.',
    },
    { type: 'chips', key: 'rockers', label: 'Rockers', options: ROCKERS, start: 'not_tried', needed: true },
    note,
  ],
} satisfies FindingPlan
