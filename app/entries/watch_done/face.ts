import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'book_in',
  drawn: defineAsyncComponent(() => import('./WatchDone.vue')),
  corrects: false,
} satisfies Face
