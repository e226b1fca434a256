import type { EngineFacts } from '../engine/facts'
import { FINDING_KINDS } from '../entries/findings'
import type { Entry, EntryKind } from '../entries/types'
import { hasSump } from '../oil/fillMarks'

/** What a verdict rests on, so that nobody takes a look for a measurement. */
export interface Basis {
  measured: string[]
  felt: string[]
  guessed: string[]
  notDone: string[]
}

const NAMES: Partial<Record<EntryKind, string>> = {
  oil: 'oil',
  mix: 'mix',
  turn_over: 'turning',
  plug: 'plug',
  air_filter: 'air filter',
  compression: 'compression',
  leak_down: 'leak-down',
  crankcase: 'crankcase',
  debris: 'debris',
  smoke: 'smoke',
  leaks: 'leaks',
  lash: 'lash',
  oil_use: 'oil use',
  meter: 'running time',
  clues: 'outside',
  lock_step: 'locked engine',
  check: 'other checks',
  measure: 'sizes',
  bore: 'bore',
  part: 'parts',
  valve_leak: 'valve leak',
}

/** Sorts the standing findings by how they were got, and names what an engine like this is usually asked and was not. */
export function basisOf(inForce: Entry[], facts: EngineFacts): Basis {
  const of = (...hows: (string | null)[]): string[] => [
    ...new Set(
      inForce
        .filter(e => FINDING_KINDS.includes(e.kind) && hows.includes(e.how))
        .map(e => NAMES[e.kind])
        .filter(name => name !== undefined),
    ),
  ]
  const has = (kind: EntryKind): boolean => inForce.some(e => e.kind === kind)
  const asked: EntryKind[] = [
    'turn_over',
    'plug',
    'compression',
    ...(hasSump(facts) ? ['oil' as const] : []),
    ...(facts.cycle === 'four' ? ['lash' as const] : ['crankcase' as const]),
    ...(facts.oiling === 'premix' ? ['mix' as const] : []),
    'leak_down',
  ]
  return {
    measured: of('measured'),
    felt: of('by_feel', 'by_eye'),
    guessed: of('claimed', 'estimated'),
    notDone: asked.filter(kind => !has(kind)).map(kind => NAMES[kind] ?? kind),
  }
}

/** "Measured: oil. By feel or eye: turning. Not done: lash, leak-down." */
export function basisWords({ measured, felt, guessed, notDone }: Basis): string {
  const parts = (
    [
      ['Measured', measured],
      ['by feel or eye', felt],
      ['claimed or estimated', guessed],
      ['not done', notDone],
    ] as const
  ).filter(([, list]) => list.length)
  const text = parts.map(([word, list]) => `${word}: ${list.join(', ')}`).join('; ')
  return text ? `${text.charAt(0).toUpperCase()}${text.slice(1)}.` : ''
}
