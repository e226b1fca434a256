import type { Condition, Known } from '../condition/fold'
import type { EstimateLine } from '../estimate/estimateLine'
import { mendedBy } from '../entries/measure/dangers'
import type { OptionBody } from '../entries/option/schema'
import type { PartKey } from '../teardown/parts'
import { partName, placeKey } from '../teardown/places'
import type { Way } from '../words/deciding'

/** Ways in which the engine does not go on running: what is worn in it stays out of them. */
const ENGINE_GOES: readonly Way[] = ['scrap', 'part_out', 'new_engine', 'exchange', 'new_machine']

/** Something that may not stay in an engine that is to run again. */
export interface Bad {
  /** as it is said: the part that is condemned, or the size with its figure */ words: string
  /** a line for any of these renews or repairs it; with its place where it has one */ parts: {
    part: PartKey
    place: string | null
  }[]
}

/** Sizes and fits of a bore, which is renewed or cut. */
const OF_BORE: Record<string, readonly PartKey[]> = {
  size: ['cylinder'],
  fit: ['piston', 'cylinder'],
  score: ['cylinder'],
}

/** What is condemned, and what was measured past a maker's or the shop's limit, as the engine is now. */
export function badParts({ known }: Condition): Bad[] {
  const past = [...known.values()].flatMap(k =>
    k.now?.mark === 'past' && k.now.strength !== 'told' ? [{ ...k, now: k.now }] : [],
  )
  const condemned = past
    .filter(k => k.property === 'sound')
    .map((k): Bad => ({ words: k.now.value, parts: [partOf(k.subject)] }))
  const sizes = past.flatMap((k): Bad[] => {
    if (k.now.strength !== 'measured' || k.now.whose === 'rule_of_thumb') return []
    const { place } = partOf(k.subject)
    const parts = partsOfSize(k)
    return parts ? [{ words: `${k.now.value} (past its limit)`, parts: parts.map(p => ({ part: p, place })) }] : []
  })
  return [...condemned, ...sizes]
}

/** Parts that the size of a subject speaks for; nothing where it is no size of a part. */
function partsOfSize({ subject, property }: Pick<Known, 'subject' | 'property'>): readonly PartKey[] | undefined {
  const { part } = partOf(subject)
  return mendedBy(part, property) ?? (part === 'cylinder' ? OF_BORE[property] : undefined)
}

/** Whether a size of a part was measured, by whoever took it. */
export const takenSize = (known: Known): boolean =>
  partsOfSize(known) !== undefined && known.all.some(f => f.strength === 'measured')

/** A subject of a part as part and place. */
function partOf(subject: string): { part: PartKey; place: string | null } {
  const [part = '', place] = subject.split(':')
  return { part: part as PartKey, place: place ?? null }
}

/** Whether a line renews or repairs one of these: by the parts that were picked for it, or, for a line from before, by a name that is the part's own. */
function standsFor({ parts: picked, text }: EstimateLine, { parts }: Bad): boolean {
  if (picked === undefined)
    return parts.some(p => text.trim().toLowerCase() === partName(p.part, p.place).toLowerCase())
  return parts.some(p => picked.some(key => key === placeKey(p) || (p.place === null && key.split(':')[0] === p.part)))
}

const RENEWS: readonly EstimateLine['type'][] = ['part', 'outwork']

/**
 * What a way leaves in that may not stay, and the lines whose part nobody said, which could be for it.
 * @returns nothing for a way in which the engine does not go on
 */
export function leftIn(
  { way, lines }: Pick<OptionBody, 'way' | 'lines'>,
  bad: Bad[],
): { left: Bad[]; unsaid: EstimateLine[] } {
  if (ENGINE_GOES.includes(way)) return { left: [], unsaid: [] }
  const left = bad.filter(b => !lines.some(l => l.chance > 0 && standsFor(l, b)))
  const taken = (l: EstimateLine): boolean => bad.some(b => standsFor(l, b))
  return {
    left,
    unsaid: left.length ? lines.filter(l => RENEWS.includes(l.type) && l.parts === undefined && !taken(l)) : [],
  }
}
