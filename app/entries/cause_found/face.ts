import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'open_up',
  tab: { label: 'First cause', at: 7 },
  drawn: defineAsyncComponent(() => import('./CauseFoundForm.vue')),
  beside: defineAsyncComponent(() => import('~/components/JobTimeline.vue')),
} satisfies Face
