import { defineAsyncComponent } from 'vue'
import { hasSump } from '#core/oil/fillMarks'
import type { Face } from '../face'

export default {
  stage: 'first_look',
  tab: { label: 'Oil', at: 1, when: ({ facts }) => hasSump(facts) },
  drawn: defineAsyncComponent(() => import('./OilForm.vue')),
} satisfies Face
