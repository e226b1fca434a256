import type { Entry } from '../types'
import type { DebrisBody } from './schema'

/** Largest pieces of one material, µm, by the moment each sample was taken. */
export interface PieceSizes {
  material: DebrisBody['items'][number]['material']
  points: { at: string; largestUm: number }[]
}

/**
 * How large the pieces grow: the largest of each material, sample by sample of one place. What was not sized is left out.
 * @param inForce the job's entries that count
 * @returns one row a material, in the order in which they came; empty before the second sample, since one size is no growth
 */
export function sizesOverSamples(inForce: Entry[], place: DebrisBody['place'] | null): PieceSizes[] {
  const samples = inForce
    .flatMap(e => (e.kind === 'debris' && e.body.place === place ? [e] : []))
    .sort((a, b) => a.at.localeCompare(b.at))
  if (samples.length < 2) return []
  const rows = new Map<PieceSizes['material'], PieceSizes>()
  for (const { at, body } of samples)
    for (const { material, largestUm } of body.items) {
      if (largestUm === null) continue
      const row = rows.get(material) ?? { material, points: [] }
      const twice = row.points.find(p => p.at === at)
      if (twice) twice.largestUm = Math.max(twice.largestUm, largestUm)
      else row.points.push({ at, largestUm })
      rows.set(material, row)
    }
  return [...rows.values()]
}
