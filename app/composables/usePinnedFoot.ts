import type { InjectionKey } from 'vue'

/** The place under a form that stays in sight, and which foot has it: the first that comes. */
export const PINNED_FOOT: InjectionKey<{ place: Ref<HTMLElement | null>; holder: Ref<symbol | null> } | null> =
  Symbol('pinned foot')

/** Keeps the foot of the form below in sight: the place for it is the element of this ref, of class `pinnedfoot`. */
export function usePinnedFoot(): Ref<HTMLElement | null> {
  const place = ref<HTMLElement | null>(null)
  provide(PINNED_FOOT, { place, holder: ref(null) })
  return place
}
