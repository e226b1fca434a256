import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'first_look',
  tab: { label: 'Air filter', at: 6 },
  drawn: defineAsyncComponent(() => import('./AirFilterForm.vue')),
} satisfies Face
