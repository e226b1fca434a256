import type { Entry } from '../job/entries'
import type { BoreJudgement } from '../measure/judgeMeasure'
import { partsStanding } from '../teardown/judgePart'
import { PART_PLANS, partName } from '../teardown/parts'
import type { StarterLine } from './starters'

/** Parts that are renewed together, because a new one runs badly against an old one. */
const PAIRED: Partial<Record<string, string>> = { cam: 'Followers, with the cam', rings: 'Hone, with new rings' }

export type ProposedLine = StarterLine & { why: string }

/**
 * Lines that follow from what was found: a part for each that is to be replaced, outwork for each to be machined, what goes with it,
 * and the bore's next size. Prices are for the technician to fill in.
 */
export function proposeLines(inForce: Entry[], bore: BoreJudgement | null): ProposedLine[] {
  const line = (type: 'part' | 'outwork', text: string, why: string): ProposedLine => ({ type, text, why, chance: 1, low: null, likely: null, high: null })
  const size = bore?.mark === 'past' && bore.oversize?.status === 'ok' ? bore.oversize.oversizeMm : null
  const found = partsStanding(inForce).flatMap(({ body: { part, place, disposition, seen, reason } }): ProposedLine[] => {
    if (disposition !== 'replace' && disposition !== 'machine') return []
    const { look } = PART_PLANS[part]
    const name = partName(part, place)
    // a bore with its size, and the piston for it, come from the bore sheet
    if (size !== null && (part === 'cylinder' || part === 'piston' || part === 'rings')) return []
    const why = [...seen.map(k => look[k] ?? k), ...(reason ? [reason] : [])].join(', ').toLowerCase()
    const pair = PAIRED[part]
    return [line(disposition === 'machine' ? 'outwork' : 'part', name, why), ...(pair && disposition === 'replace' ? [line(part === 'rings' ? 'outwork' : 'part', pair, `pairs with ${name.toLowerCase()}`)] : [])]
  })
  const bored = size === null ? [] : [line('part', `Piston and rings +${size}`, 'bought and measured before boring'), line('outwork', `Bore and hone to +${size}`, bore?.headline.toLowerCase() ?? '')]
  return [...found, ...bored]
}
