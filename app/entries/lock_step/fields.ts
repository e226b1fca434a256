import { LIQUIDS, LOCK_RESULTS, LOCK_STEPS } from '#core/words/looks'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

const LOCK_LABELS = Object.fromEntries(Object.entries(LOCK_STEPS).map(([k, v]) => [k, v.label]))

export default {
  stage: 'first_look',
  tab: { label: 'Locked', at: 5, when: ({ locked }) => locked },
  log: 'Log this step',
  how: 'by_feel',
  counts: false,
  intro:
    'In this order. The plug comes out before anything turns it, even when there is no oil: fuel may spray, no sparks, rags ready. Nothing is forced.',
  fields: [
    { type: 'chips', key: 'step', label: 'Step', options: LOCK_LABELS },
    { type: 'chips', key: 'result', label: 'Then', options: LOCK_RESULTS },
    {
      type: 'chips',
      key: 'liquid',
      label: 'What ran out',
      options: LIQUIDS,
      when: d => d.result === 'liquid',
      needed: true,
    },
    note,
  ],
} satisfies FindingPlan
