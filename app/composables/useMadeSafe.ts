import { useNow } from '@vueuse/core'
import { keptOf } from '#core/entries/kept'
import { isSafe } from '#core/entries/made_safe/safe'
import { SAFE_STEPS } from '#core/words/looks'
import type { JobSheet } from '~/composables/useJobSheet'

export type SafeStep = keyof typeof SAFE_STEPS
export const EVERY_STEP = Object.keys(SAFE_STEPS) as SafeStep[]

/** Whether the machine is made safe, who said so, and the ticks that say so. */
export function useMadeSafe(sheet: JobSheet = useSheet()) {
  const now = useNow({ interval: 60_000 })
  const last = computed(() => keptOf(sheet.inForce.value).made_safe.at(-1))
  const safe = computed(() => isSafe(sheet.inForce.value, now.value.toISOString()))
  const message = ref('')
  async function log(done: SafeStep[]): Promise<boolean> {
    const outcome = await sheet.log({ kind: 'made_safe', how: null, body: { done } })
    message.value = outcome.ok ? '' : (outcome.faults[0]?.message ?? outcome.message)
    return outcome.ok
  }
  return { last, safe, message, log }
}
