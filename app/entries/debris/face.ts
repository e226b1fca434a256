import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'open_up',
  tab: { label: 'Debris', at: 5 },
  drawn: defineAsyncComponent(() => import('./DebrisForm.vue')),
} satisfies Face
