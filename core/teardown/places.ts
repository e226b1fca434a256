import type { EngineFacts } from '../engine/facts'
import type { PartKey } from './parts'
import { PART_KEYS, PART_PLANS } from './parts'

export const partName = (part: PartKey, place: string | null): string =>
  `${PART_PLANS[part].name}${place ? `, ${place}` : ''}`

/** One part where it sits; `place` only on an engine that has several. */
export interface PartPlace {
  part: PartKey
  place: string | null
}

export const placeKey = ({ part, place }: PartPlace): string => (place ? `${part}:${place}` : part)

/** The parts of this engine, each cylinder's own by itself. */
export const placesOf = (facts: EngineFacts): PartPlace[] =>
  partsOf(facts).flatMap((part): PartPlace[] =>
    PART_PLANS[part].each && facts.cylinders > 1
      ? Array.from({ length: facts.cylinders }, (_, i) => ({ part, place: `cylinder ${i + 1}` }))
      : [{ part, place: null }],
  )

/** The parts of this engine, in the order in which it comes apart. */
export const partsOf = (facts: EngineFacts): PartKey[] => PART_KEYS.filter(k => PART_PLANS[k].fits(facts))

/** Parts whose loss decides a small engine: what is stripped after that must have a purpose. */
export const DECIDING: readonly PartKey[] = ['rod', 'crank', 'cylinder']
