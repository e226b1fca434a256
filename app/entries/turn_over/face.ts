import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'first_look',
  tab: { label: 'Turns over', at: 4 },
  drawn: defineAsyncComponent(() => import('./TurnOverForm.vue')),
} satisfies Face
