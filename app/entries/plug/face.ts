import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'first_look',
  tab: { label: 'Plug', at: 5.5 },
  drawn: defineAsyncComponent(() => import('./PlugForm.vue')),
} satisfies Face
