import { defineAsyncComponent } from 'vue'
import { FITTED_IS, ORIGINS } from '#core/words/opened'
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
    { type: 'chips', key: 'is', label: 'That is', options: FITTED_IS, start: 'part', needed: true },
    { type: 'parts', key: 'parts', label: 'It renews', when: d => d.is !== 'oil' },
    {
      type: 'switch',
      key: 'lookedInto',
      label: 'A filter: looked into on its clean side before it was fitted',
      when: d => /filter/i.test(String(d.what)) || (d.parts as string[]).includes('oil_filter'),
    },
    { type: 'text', key: 'batch', label: 'Batch or lot on its label' },
    { type: 'text', key: 'from', label: 'From whom' },
    { type: 'chips', key: 'origin', label: 'It comes from', options: ORIGINS, start: 'maker', needed: true },
  ],
} satisfies FindingPlan
