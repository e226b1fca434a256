import { defineAsyncComponent } from 'vue'
import { ORIGINS } from '#core/words/opened'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'build',
  tab: { label: 'Fitted', at: 2 },
  beside: defineAsyncComponent(() => import('~/components/BatchCarriers.vue')),
  log: 'Log what was fitted',
  how: null,
  counts: false,
  fields: [
    { type: 'text', key: 'what', label: 'Part' },
    { type: 'parts', key: 'parts', label: 'It renews', more: { oil: 'Oil, filled' } },
    { type: 'text', key: 'batch', label: 'Batch or lot on its label' },
    { type: 'text', key: 'from', label: 'From whom' },
    { type: 'chips', key: 'origin', label: 'It is', options: ORIGINS, start: 'maker', needed: true },
  ],
} satisfies FindingPlan
