import type { Condition } from '../condition/fold'
import { partOfSubject } from '../condition/fold'
import type { EngineFacts } from '../engine/facts'

/** A way to a sound crank, with the figures that it stands or falls by. */
export interface CrankPath {
  id: 'new' | 'pressed' | 'cleaned' | 'ground'
  name: string
  note: string
  figures: { name: string; taken: 'good' | 'near' | 'past' | null }[]
}

/** Figures by the property under which the condition keeps them. */
const FIGURES = {
  runout: 'run-out, whole swing',
  side: 'side clearance of the rod',
  size: 'size of the pin, two ways',
  play: 'clearance with its rod or shells',
} as const
type Figure = keyof typeof FIGURES

const PATHS: Record<
  CrankPath['id'],
  { name: string; note: string; asks: readonly Figure[]; fits(f: EngineFacts): boolean }
> = {
  new: {
    name: 'A new crank',
    note: 'Measured all the same before it goes in: boxes are dropped.',
    asks: ['runout', 'side'],
    fits: () => true,
  },
  pressed: {
    name: 'Pressed apart: new pin, rod and bearing',
    note: 'Outwork for a crank press. Trued on return, and dialled here.',
    asks: ['runout', 'side'],
    fits: f => f.bearings !== 'plain_rod' && f.bearings !== 'plain_shells',
  },
  cleaned: {
    name: 'Cleaned of smeared aluminium',
    note: 'Only where the pin under it is smooth and keeps its size.',
    asks: ['size', 'runout', 'play'],
    fits: f => f.bearings !== 'rolling',
  },
  ground: {
    name: 'Ground under size, with shells or a rod to it',
    note: 'The hard skin must reach so deep; shells or rod are bought first.',
    asks: ['size', 'runout', 'play'],
    fits: f => f.bearings === 'plain_shells' || f.bearings === 'unknown',
  },
}

/**
 * Whether the crank is a question at all, and the ways to a sound one on this engine: each with the figures it needs and how far they are taken. None of them is the right one by itself.
 */
export function crankPaths(facts: EngineFacts, { known }: Pick<Condition, 'known'>): CrankPath[] {
  const all = [...known.values()].filter(k => ['crank', 'rod'].includes(partOfSubject(k.subject)))
  if (!all.some(k => k.now?.mark === 'past' || k.asFound?.mark === 'past')) return []
  const taken = (figure: Figure): CrankPath['figures'][number]['taken'] => {
    const mark = all.find(k => k.property === figure && k.now && k.now.strength === 'measured')?.now?.mark
    return mark === 'good' || mark === 'near' || mark === 'past' ? mark : null
  }
  return (Object.keys(PATHS) as CrankPath['id'][])
    .filter(id => PATHS[id].fits(facts))
    .map(id => ({
      id,
      name: PATHS[id].name,
      note: PATHS[id].note,
      figures: PATHS[id].asks.map(f => ({ name: FIGURES[f], taken: taken(f) })),
    }))
}
