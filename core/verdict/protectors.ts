import type { Entry } from '../entries/types'
import type { EstimateLine } from '../estimate/estimateLine'
import type { EngineFacts } from '../engine/facts'
import { partsStanding } from '../entries/part/standing'
import type { PartKey } from '../teardown/parts'
import { PART_PLANS } from '../teardown/parts'
import { partsOf } from '../teardown/places'

/** Small parts whose failure takes dear ones with it. */
const DESTROYS: Partial<Record<PartKey, string>> = {
  seals: 'bearings and piston',
  orings: 'cam and bearings',
  strainer: 'pump and bearings',
  oil_filter: 'shells and cam',
  jet: 'cam and rockers',
  key: 'crank and flywheel',
  chain: 'valves and piston',
  intake: 'piston and bore',
  injector_pump: 'piston and bearings',
  dipper: 'rod and crank',
  springs: 'valve and piston',
}

export interface Protector {
  part: PartKey
  name: string
  why: string
  destroys: string
}

/** Small parts of this engine that are kept and not in a way's lines, with what they would destroy; those with a sign on them first. */
export function protectors(inForce: Entry[], facts: EngineFacts, lines: EstimateLine[]): Protector[] {
  const standing = new Map(partsStanding(inForce).map(e => [e.body.part, e]))
  const priced = lines.map(l => l.text.toLowerCase())
  return partsOf(facts)
    .flatMap((part): Protector[] => {
      const destroys = DESTROYS[part]
      const said = standing.get(part)?.body
      const { name, look } = PART_PLANS[part]
      const stem = name.toLowerCase().split(/[ ,]/)[0] ?? ''
      if (
        !destroys ||
        said?.disposition === 'replace' ||
        priced.some(
          t =>
            t.includes(name.toLowerCase()) ||
            (part === 'seals' && t.includes('seal')) ||
            (stem.length > 5 && t.includes(stem)),
        )
      )
        return []
      return [
        {
          part,
          name,
          destroys,
          why: said
            ? said.seen.length
              ? said.seen.map(k => look[k]?.toLowerCase() ?? k).join(', ')
              : 'used again'
            : 'not looked at',
        },
      ]
    })
    .sort(
      (a, b) =>
        Number(a.why === 'not looked at' || a.why === 'used again') -
        Number(b.why === 'not looked at' || b.why === 'used again'),
    )
}
