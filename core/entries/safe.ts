import { isSafe } from './made_safe/safe'
import { roomOf } from './rooms'
import type { Entry } from './types'

/** Whether an entry waits for the machine to be made safe. Correcting an entry is only writing, and always allowed. */
export const needsSafe = (entry: Entry): boolean =>
  entry.supersedes === null && (roomOf(entry).handsIn?.(entry) ?? false)

/**
 * Why an entry must wait, or null.
 * @param inForce asked only where the entry waits for it
 */
export function safeRefusal(entry: Entry, inForce: () => Entry[]): string | null {
  if (!needsSafe(entry) || isSafe(inForce(), entry.at)) return null
  return 'Make it safe first: plug lead, battery, fuel, blade or belt, and standing firm. Tick all five at the top; what you typed is still here.'
}
