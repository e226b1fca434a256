import { defineAsyncComponent } from 'vue'
import type { Face } from '../face'

export default {
  stage: 'first_look',
  tab: { label: 'Fuel in the oil', at: 3, when: ({ fuel }) => fuel },
  drawn: defineAsyncComponent(() => import('./FuelPathForm.vue')),
  corrects: false,
} satisfies Face
