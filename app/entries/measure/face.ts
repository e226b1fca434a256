import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'measure',
  tab: { label: 'Other sizes', at: 2 },
  drawn: defineAsyncComponent(() => import('./MeasureForm.vue')),
} satisfies Face
