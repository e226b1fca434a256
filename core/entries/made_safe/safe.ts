import type { Entry, EntryKind } from '../types'
import { latest } from '../types'

/** What is logged with hands near parts that turn, fall, spray or spring: nothing of it before the machine was made safe. */
export const HANDS_IN: readonly EntryKind[] = [
  'turn_over',
  'lock_step',
  'compression',
  'leak_down',
  'crankcase',
  'lash',
  'part',
  'bore',
  'measure',
  'valve_leak',
  'pump_rig',
]

/** How long a making safe holds: a working day. Ours; a bench that is left over night is looked at again. */
export const SAFE_HOURS = 12

/**
 * Whether a machine stands made safe at a moment: every step ticked within the hours before it, and nothing connected since.
 * @param inForce the standing entries, oldest first
 * @param at      the moment, ISO 8601
 */
export function isSafe(inForce: Entry[], at: string): boolean {
  const last = latest(inForce, 'made_safe')
  if (!last || last.body.done.length === 0) return false
  const hours = (Date.parse(at) - Date.parse(last.at)) / 3600_000
  return hours >= -0.1 && hours <= SAFE_HOURS
}

/** Whether an entry is of the kind that waits for it. Correcting an entry is only writing, and always allowed. */
export function needsSafe(entry: Entry): boolean {
  // letting oil or fuel out means tipping it, or a spark near what runs out
  const drains = entry.kind === 'fluid' && entry.body.action === 'drained'
  return entry.supersedes === null && (drains || HANDS_IN.includes(entry.kind))
}

/**
 * Why an entry must wait, or null.
 * @param inForce asked only where the entry waits for it
 */
export function safeRefusal(entry: Entry, inForce: () => Entry[]): string | null {
  if (!needsSafe(entry) || isSafe(inForce(), entry.at)) return null
  return 'Make it safe first: plug lead, battery, fuel, blade or belt, and standing firm. Tick all five at the top; what you typed is still here.'
}
