import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'narrow_down',
  tab: { label: 'Compression', at: 1 },
  drawn: defineAsyncComponent(() => import('./CompressionForm.vue')),
} satisfies Face
