import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'narrow_down',
  tab: { label: 'Leak-down', at: 2 },
  drawn: defineAsyncComponent(() => import('./LeakDownForm.vue')),
} satisfies Face
