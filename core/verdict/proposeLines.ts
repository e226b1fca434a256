import type { Entry } from '../entries/types'
import type { BoreJudgement } from '../entries/bore/judge'
import type { ShopPolicy } from '../engine/policy'
import { DEFAULT_POLICY } from '../engine/policy'
import { schoolOf, schoolWords } from '../engine/schools'
import { partsStanding } from '../entries/part/standing'
import { PART_PLANS } from '../teardown/parts'
import { partName, placeKey } from '../teardown/places'
import type { StarterLine } from '../estimate/starters'

/** Parts that are renewed together, because a new one runs badly against an old one. */
const PAIRED: Partial<Record<string, string>> = { cam: 'Followers, with the cam', rings: 'Hone, with new rings' }

export type ProposedLine = StarterLine & {
  why: string
  /** what it renews or repairs; absent where that is for the technician to say */ parts?: string[]
}

/**
 * Lines that follow from what was found: a part for each that is to be replaced, outwork for each to be machined, what goes with it,
 * and the bore's next size. Prices are for the technician to fill in.
 */
export function proposeLines(
  inForce: Entry[],
  bore: BoreJudgement | null,
  policy: ShopPolicy = DEFAULT_POLICY,
): ProposedLine[] {
  const renewWorn = schoolOf(policy, 'worn_kept') === 'renew'
  const line = (type: 'part' | 'outwork', text: string, why: string, parts: string[]): ProposedLine => ({
    type,
    text,
    why,
    parts,
    chance: 1,
    low: null,
    likely: null,
    high: null,
  })
  const size = bore?.mark === 'past' && bore.oversize?.status === 'ok' ? bore.oversize.oversizeMm : null
  const found = partsStanding(inForce).flatMap(
    ({ body: { part, place, disposition, seen, reason } }): ProposedLine[] => {
      // worn and kept: renewed all the same while it is open, where the shop holds it so
      const worn = (disposition === 'reuse' || disposition === 'clean') && seen.length > 0
      if (disposition !== 'replace' && disposition !== 'machine' && !(worn && renewWorn)) return []
      const { look } = PART_PLANS[part]
      const name = partName(part, place)
      // a bore with its size, and the piston for it, come from the bore sheet
      if (size !== null && (part === 'cylinder' || part === 'piston' || part === 'rings')) return []
      const why = [
        ...seen.map(k => look[k] ?? k),
        ...(reason ? [reason] : []),
        ...(worn ? [schoolWords(policy, 'worn_kept')] : []),
      ]
        .join(', ')
        .toLowerCase()
      const pair = PAIRED[part]
      const also = part === 'cam' ? ['rockers'] : part === 'rings' ? [placeKey({ part: 'cylinder', place })] : []
      return [
        line(disposition === 'machine' ? 'outwork' : 'part', name, why, [placeKey({ part, place })]),
        ...(pair && disposition === 'replace'
          ? [line(part === 'rings' ? 'outwork' : 'part', pair, `pairs with ${name.toLowerCase()}`, also)]
          : []),
      ]
    },
  )
  const bored =
    size === null
      ? []
      : [
          line('part', `Piston and rings +${size}`, 'bought and measured before boring', ['piston', 'rings']),
          line('outwork', `Bore and hone to +${size}`, bore?.headline.toLowerCase() ?? '', ['cylinder']),
        ]
  return onceEach([...found, ...bored])
}

/** What is renewed by itself is not proposed again as the pair of another part, nor cut when it is renewed. */
function onceEach(lines: ProposedLine[]): ProposedLine[] {
  const isPair = (l: ProposedLine): boolean => l.why.startsWith('pairs with')
  const own = new Set(lines.filter(l => l.type === 'part' && !isPair(l)).flatMap(l => l.parts?.slice(0, 1) ?? []))
  const taken = new Set<string>()
  return lines.filter(l => {
    const parts = l.parts ?? []
    if (isPair(l) && parts.length > 0 && parts.every(p => own.has(p))) return false
    const key = `${l.type} ${parts.join(' ')}`
    if (parts.length > 0 && taken.has(key)) return false
    taken.add(key)
    return true
  })
}
