import type { EngineFacts } from '../engine/facts'
import { keptOf } from '../entries/kept'
import { askedOf, nameOf, roomOf } from '../entries/rooms'
import type { Entry } from '../entries/types'

/** What a verdict rests on, so that nobody takes a look for a measurement. */
export interface Basis {
  measured: string[]
  felt: string[]
  guessed: string[]
  notDone: string[]
}

/** Sorts the standing findings by how they were got, and names what an engine like this is usually asked and was not. */
export function basisOf(inForce: Entry[], facts: EngineFacts): Basis {
  const of = (...hows: (string | null)[]): string[] => [
    ...new Set(inForce.filter(e => roomOf(e).finding && hows.includes(e.how)).map(e => roomOf(e).name)),
  ]
  const kept = keptOf(inForce)
  return {
    measured: of('measured'),
    felt: of('by_feel', 'by_eye'),
    guessed: of('claimed', 'estimated'),
    notDone: askedOf(facts)
      .filter(kind => kept[kind].length === 0)
      .map(nameOf),
  }
}
