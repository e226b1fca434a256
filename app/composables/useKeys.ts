import { useEventListener } from '@vueuse/core'

/** Single keys that work wherever nobody is typing. */
export function useKeys(keys: Record<string, () => void>): void {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    const target = event.target as HTMLElement | null
    if (target?.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable], [role=dialog]')) return
    const act = keys[event.key]
    if (act) {
      event.preventDefault()
      act()
    }
  })
}
