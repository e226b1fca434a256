import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'narrow_down',
  tab: { label: 'Theories', at: 6 },
  drawn: defineAsyncComponent(() => import('./TheoryLedger.vue')),
} satisfies Face
