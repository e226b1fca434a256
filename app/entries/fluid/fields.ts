import { hasSump } from '#core/oil/fillMarks'
import { FILLED_TO, OIL_MOVES, POURED_ONTO } from '#core/words/looks'
import type { FindingPlan } from '../fieldPlan'

const poured = (action: unknown): boolean => action === 'owner_poured' || action === 'filled'

export default {
  stage: 'first_look',
  tab: { label: 'Poured in, let out', at: 2, when: ({ facts }) => hasSump(facts) },
  log: 'Log it',
  how: d => (d.action === 'owner_poured' ? 'claimed' : 'measured'),
  counts: true,
  intro: 'What was poured in, drawn off and let out adds up to what is in it: catch it in a marked can.',
  caution: 'Hot oil burns. Waste oil to its own can: follow your local rules.',
  fields: [
    { type: 'chips', key: 'action', label: 'Oil', options: OIL_MOVES, needed: true },
    { type: 'quantity', key: 'amount', label: 'How much', units: ['mL', 'L', 'US_floz'], kind: 'volume' },
    { type: 'chips', key: 'onTop', label: 'Poured', options: POURED_ONTO, when: d => poured(d.action) },
    { type: 'chips', key: 'to', label: 'Filled to', options: FILLED_TO, when: d => d.action === 'filled' },
    { type: 'text', key: 'what', label: 'Which oil' },
  ],
} satisfies FindingPlan
