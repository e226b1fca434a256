import type { InjectionKey } from 'vue'

/** The place under a form that stays in sight, and which foot has it: the first that comes. */
export const PINNED_FOOT: InjectionKey<{ place: Ref<HTMLElement | null>; holder: Ref<symbol | null> } | null> =
  Symbol('pinned foot')
