import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'

/** How the owner was told and how it was made unable to run, as the newest hand-back says it; empty where it says neither. */
export function toldWords(inForce: Entry[]): string[] {
  const body = keptOf(inForce).hand_back.at(-1)?.body
  return [
    body?.told && `The owner was told: ${body.told}`,
    body?.disabled && `Made unable to run: ${body.disabled}`,
  ].filter((line): line is string => !!line)
}
