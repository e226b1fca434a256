import { defineAsyncComponent } from 'vue'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'open_up',
  tab: { label: 'Bad batch', at: 8 },
  beside: defineAsyncComponent(() => import('~/components/BatchCarriers.vue')),
  log: 'Quarantine the batch',
  how: null,
  counts: false,
  intro:
    'Proved bad here: kept off the shelf, and every other machine that carries it is listed with a message to its owner.',
  fields: [
    { type: 'text', key: 'what', label: 'Part' },
    { type: 'text', key: 'batch', label: 'Batch or lot' },
    { type: 'area', key: 'proof', label: 'What proves it' },
  ],
} satisfies FindingPlan
