import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'narrow_down',
  tab: { label: 'Other checks', at: 5 },
  drawn: defineAsyncComponent(() => import('./CheckForm.vue')),
} satisfies Face
