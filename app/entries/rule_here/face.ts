import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'book_in',
  tab: { label: 'Another rule on this job', at: 5 },
  drawn: defineAsyncComponent(() => import('./RuleHereForm.vue')),
} satisfies Face
