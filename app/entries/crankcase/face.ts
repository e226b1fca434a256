import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'narrow_down',
  tab: { label: 'Crankcase', at: 3, when: ({ facts }) => facts.cycle === 'two' },
  drawn: defineAsyncComponent(() => import('./CrankcaseForm.vue')),
} satisfies Face
