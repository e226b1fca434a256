import { useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import type { ShopState } from '#shared/types/records'

const EVERY_MS = 10_000

/** How the place stands where the shop's data lie: asked after every few seconds, and said on every page. */
export const usePlaceStore = defineStore('place', () => {
  const state = ref<ShopState | null>(null)
  async function look(): Promise<void> {
    state.value = await read<ShopState>('/api/shop/state').catch(() => state.value)
  }
  useIntervalFn(look, EVERY_MS, { immediateCallback: true })
  const backup = computed(() => state.value?.backup ?? null)
  /** what is wrong with the place; null: nothing */
  const words = computed(() => state.value?.storage.words ?? null)
  return { backup, words, look }
})
