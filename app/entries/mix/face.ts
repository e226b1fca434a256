import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'first_look',
  tab: { label: 'Mix', at: 2, when: ({ facts }) => facts.cycle === 'two' },
  drawn: defineAsyncComponent(() => import('./MixForm.vue')),
} satisfies Face
