import { InputError } from '../errors'
import type { Archetype } from './archetypes'
import { ARCHETYPES } from './archetypes'
import { figure } from './inputs'
import { applyFault, canHave, FAULTS } from './faults'
import { startScore } from './physics'
import { settle } from './settle'
import type { State } from './state'
import { latentOf, soundState } from './state'
import { truth } from './truth'

/** An engine on the practice bench: what is known of it, and what is hidden until somebody names the fault. */
export interface PracticeEngine {
  readonly a: Archetype
  readonly hidden: {
    readonly faults: Readonly<Record<string, number>>
    readonly seed: number
    readonly x: State
    /** what its owner noticed on the day it came in */
    readonly told: readonly string[]
    /** of the air on the day it came in, °C */
    readonly amb: number
    /** what was done with hands */
    readonly done: Readonly<Done>
  }
}
export interface Done {
  safe: boolean
  recorded: boolean
  ranMin: number
}

const MOST_FAULTS = 3

function checkFaults(a: Archetype, faults: unknown): Record<string, number> {
  if (faults === null || faults === undefined)
    throw new InputError('missing', 'faults', 'Say which faults it has; none is an empty list.')
  if (typeof faults !== 'object' || Array.isArray(faults))
    throw new InputError('bad_choice', 'faults', 'Faults: a severity for each, by its name.')
  const list = Object.entries(faults)
  for (const [id, s] of list) {
    if (!(id in FAULTS)) throw new InputError('bad_choice', 'faults', `Faults: no fault is called ${id}.`)
    if (typeof s !== 'number' || Number.isNaN(s))
      throw new InputError('not_a_number', 'faults', `Faults: how bad ${id} is, as a figure between 0 and 1.`)
    if (s < 0 || s > 1) throw new InputError('out_of_range', 'faults', `Faults: ${id} is between 0 and 1 bad.`)
  }
  if (list.length > MOST_FAULTS) throw new InputError('out_of_range', 'faults', 'Faults: three at the most.')
  const odd = list.find(([id]) => !canHave(a, id))
  if (odd) throw new InputError('inconsistent', 'faults', `Faults: this engine can't have ${odd[0]}.`)
  return Object.fromEntries(list.sort(([m], [n]) => (m < n ? -1 : 1))) as Record<string, number>
}

/**
 * An engine by its kind, its faults and its seed: always the same one.
 * @param archetype  name of one of `ARCHETYPES`
 * @param faults     how bad each is, 0..1, by the catalogue's name of its cause; three at most, each one that this engine can have
 * @param seed       whole, 0..2³²−1
 * @param tempC      °C, −20..45
 * @throws InputError `missing`, `bad_choice`, `not_a_number`, `out_of_range` or `inconsistent`, with the field
 */
export function newEngine(archetype: unknown, faults: unknown, seed: unknown, tempC: unknown = 20): PracticeEngine {
  if (archetype === null || archetype === undefined)
    throw new InputError('missing', 'archetype', 'Say which engine it is.')
  const a = typeof archetype === 'string' ? ARCHETYPES.get(archetype) : undefined
  if (!a) throw new InputError('bad_choice', 'archetype', `Engine: one of ${[...ARCHETYPES.keys()].join(', ')}.`)
  const sorted = checkFaults(a, faults)
  const number = figure(seed, 'seed', { low: 0, high: 2 ** 32 - 1, whole: true })
  const amb = figure(tempC, 'temp_c', { low: -20, high: 45 })
  const L = latentOf(number)
  const x = soundState(a, number, amb)
  for (const [id, s] of Object.entries(sorted)) applyFault(x, a, number, id, s)
  settle(x, a, L)
  x.plugNew = L('plug_new') < (startScore(a, x).z < 0.5 ? 0.2 : 0.04) ? 1 : 0
  return {
    a,
    hidden: {
      faults: sorted,
      seed: number,
      x,
      told: truth(a, x),
      amb,
      done: { safe: false, recorded: false, ranMin: 0 },
    },
  }
}
