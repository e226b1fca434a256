import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'open_up',
  tab: { label: 'Parts', at: 1 },
  lists: true,
  drawn: defineAsyncComponent(() => import('./PartsForm.vue')),
} satisfies Face
