import { LEAK_LOOKS } from '#core/words/looks'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'first_look',
  tab: { label: 'Leaks', at: 8 },
  log: 'Log the leaks',
  how: 'by_eye',
  counts: true,
  caution: 'Hot oil burns. Fuel leaking: shut it off, no sparks, air the room.',
  fields: [
    { type: 'chips', key: 'look', label: 'Looked at', options: LEAK_LOOKS, start: 'as_found', needed: true },
    { type: 'leaks', key: 'sites', label: 'Places' },
    note,
  ],
} satisfies FindingPlan
