import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'measure',
  tab: { label: 'Bore', at: 1 },
  drawn: defineAsyncComponent(() => import('./BoreForm.vue')),
} satisfies Face
