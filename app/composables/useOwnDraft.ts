import { useLocalStorage } from '@vueuse/core'

/** How long another tab may take to say that it is there, ms. */
const ANSWER_MS = 150

/**
 * A draft that is kept until it is done with, one for each tab that is open on it: two tabs are two drafts. What a closed tab left behind
 * is found again by the next one.
 */
export function useOwnDraft<T extends object>(name: string, blank: () => T) {
  const place = ref(0)
  const key = computed(() => (place.value === 0 ? name : `${name}:${place.value}`))
  const draft = useLocalStorage<T>(key, blank, { mergeDefaults: true, listenToStorageChanges: false })
  // not in a page that is only looked at by a program
  if (typeof BroadcastChannel === 'undefined') return draft
  const channel = new BroadcastChannel(name)
  const taken = new Set<number>()
  let settled = false
  channel.onmessage = ({ data }: MessageEvent<{ ask?: true; here?: number }>) => {
    if (data.ask && settled) channel.postMessage({ here: place.value })
    if (data.here !== undefined && !settled) taken.add(data.here)
  }
  channel.postMessage({ ask: true })
  const timer = setTimeout(() => {
    while (taken.has(place.value)) place.value += 1
    settled = true
  }, ANSWER_MS)
  onScopeDispose(() => {
    clearTimeout(timer)
    channel.close()
  })
  return draft
}
