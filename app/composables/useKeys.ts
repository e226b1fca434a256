import { useEventListener } from '@vueuse/core'

/**
 * Single keys that work wherever nobody is typing, and keys held with Alt, which work everywhere: a digit alone is always a figure.
 * @param held by digit or letter, pressed together with Alt
 */
export function useKeys(keys: Record<string, () => void>, held: Record<string, () => void> = {}): void {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.defaultPrevented) return
    if (event.altKey) {
      // the key itself: with Alt many layouts type another sign
      const act = held[event.code.replace(/^(Digit|Numpad|Key)/, '').toLowerCase()]
      if (act && !(event.target as HTMLElement | null)?.closest('[role=dialog]')) {
        event.preventDefault()
        act()
      }
      return
    }
    const target = event.target as HTMLElement | null
    if (
      target?.closest(
        'input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable], [role=dialog]',
      )
    )
      return
    const act = keys[event.key]
    if (act) {
      event.preventDefault()
      act()
    }
  })
}
