import type { Entry, EntryOf } from '../entries/types'
import { ofKind } from '../entries/types'
import type { JobFile } from '../job/jobFile'
import type { Judgement, Stop } from '../judgement'
import { MEASURE_PLANS } from '../measure/items'
import { PART_PLANS } from './parts'
import { DECIDING, partName, placeKey } from './places'
import { DISPOSITIONS, OIL_STATES } from './partPlan'
import type { OilNode, OilState } from './oilPath'
import { oilPath, oilSuspects } from './oilPath'

const CONDEMNED: readonly EntryOf<'part'>['body']['disposition'][] = ['replace', 'machine']

/** Figures that a part used again on a look alone still asks for. */
function figuresOwed({ body: { part, disposition } }: EntryOf<'part'>, inForce: Entry[]): string[] {
  if (disposition !== 'reuse' && disposition !== 'clean') return []
  const asks = PART_PLANS[part].asks ?? []
  const taken = (ask: (typeof asks)[number]): boolean =>
    ask === 'bore'
      ? inForce.some(e => e.kind === 'bore' && e.how === 'measured')
      : inForce.some(e => e.kind === 'measure' && e.how === 'measured' && e.body.item === ask)
  return asks.length && !asks.some(taken)
    ? asks.map(ask => (ask === 'bore' ? 'bore' : MEASURE_PLANS[ask].label.toLowerCase()))
    : []
}

/** A part as it was found: what becomes of it, and what that still lacks. */
export function judgePart(entry: EntryOf<'part'>, _file: JobFile, inForce: Entry[]): Judgement {
  const { part, place, disposition, seen, oil, owed } = entry.body
  const { look } = PART_PLANS[part]
  const name = partName(part, place)
  const words = seen.map(k => look[k] ?? k)
  const owes = figuresOwed(entry, inForce)
  const details = words.length ? [`${words.join(', ')}.`] : []
  if (oil === 'dry' || oil === 'hurt')
    details.push(`${OIL_STATES[oil]}: see the oil map for what it shares with others.`)
  if (owes.length) details.push(`Used again on a look or a feel: not measured. Take one of: ${owes.join(', ')}.`)
  if (owed) details.push(`Still owed: ${owed}`)
  const mark = CONDEMNED.includes(disposition)
    ? 'past'
    : disposition === 'unknown' || disposition === 'not_here' || owes.length
      ? 'open'
      : seen.length || owed
        ? 'near'
        : 'good'
  return {
    entryId: entry.id,
    mark,
    headline: `${name}: ${DISPOSITIONS[disposition].toLowerCase()}${words[0] ? `, ${words[0].toLowerCase()}` : ''}`,
    details,
  }
}

/** The newest word on each part. */
export const partsStanding = (inForce: Entry[]): EntryOf<'part'>[] => [
  ...new Map(ofKind(inForce, 'part').map(e => [placeKey(e.body), e])).values(),
]

export interface Owed {
  entryId: string
  text: string
}

/** Everything noticed and not followed up: open until somebody answers it. */
export function owedNow(inForce: Entry[]): Owed[] {
  const parts = partsStanding(inForce).flatMap((e): Owed[] => {
    const name = partName(e.body.part, e.body.place)
    return [
      ...(e.body.owed ? [{ entryId: e.id, text: `${name}: ${e.body.owed}` }] : []),
      ...(e.body.disposition === 'unknown' && !e.body.owed
        ? [{ entryId: e.id, text: `${name}: ${e.body.reason ?? 'not decided'}` }]
        : []),
      ...figuresOwed(e, inForce)
        .slice(0, 1)
        .map(figure => ({ entryId: e.id, text: `${name}: kept on a look, ${figure} not measured` })),
    ]
  })
  const fasteners = ofKind(inForce, 'fasteners')
    .filter(e => e.body.back !== e.body.out)
    .map(e => ({
      entryId: e.id,
      text: `${e.body.cover}: ${e.body.out} fastener${e.body.out === 1 ? '' : 's'} out, ${e.body.back === null ? 'none back yet' : `${e.body.back} back`}`,
    }))
  const evidence = ofKind(inForce, 'evidence')
    .filter(e => !e.body.explained)
    .map(e => ({
      entryId: e.id,
      text: `${e.body.missing ? 'Missing piece' : 'Evidence'} not explained: ${e.body.what}`,
    }))
  return [...parts, ...evidence, ...fasteners]
}

const ORDER: readonly OilState[] = ['not_looked', 'sound', 'dry', 'hurt']

export interface OilMap {
  root: OilNode
  states: Partial<Record<string, OilState>>
  suspects: string[]
  cleared: string[]
}

/** The oil's way through this engine with what was found on it; null where nobody said how it is oiled. */
export function oilMapOf(inForce: Entry[], file: JobFile): OilMap | null {
  const root = oilPath(file.facts)
  if (!root) return null
  const states: Partial<Record<string, OilState>> = {}
  // the worst of several cylinders speaks
  for (const {
    body: { part, oil },
  } of partsStanding(inForce))
    if (ORDER.indexOf(oil) >= ORDER.indexOf(states[part] ?? 'not_looked')) states[part] = oil
  return { root, states, ...oilSuspects(root, states) }
}

/** The parts that are condemned: whatever did that must be known before anything new goes in. */
export const condemned = (inForce: Entry[]): EntryOf<'part'>[] =>
  partsStanding(inForce).filter(e => CONDEMNED.includes(e.body.disposition) && e.body.role !== 'own')

/**
 * Whether it is time to stop stripping and decide: a deciding part is condemned and nobody has said since what more is looked for.
 * @returns the parts that decide it, or none
 */
export function timeToDecide(inForce: Entry[]): string[] {
  const deciding = condemned(inForce).filter(e => DECIDING.includes(e.body.part))
  const since = Math.max(-1, ...deciding.map(e => inForce.indexOf(e)))
  const purpose = inForce.some(
    (e, i) => i > since && ((e.kind === 'note' && e.body.stage === 'open_up') || e.kind === 'option'),
  )
  return purpose ? [] : deciding.map(e => PART_PLANS[e.body.part].name.toLowerCase())
}

/** Whether the first cause is named, and a line of a way to go cures it. */
export function causeCured(inForce: Entry[]): { named: boolean; cured: boolean } {
  return {
    named: ofKind(inForce, 'cause_found').some(e => e.body.proof !== 'unknown'),
    cured: ofKind(inForce, 'option').some(o => o.body.lines.some(l => l.cures)),
  }
}

/** New parts into an engine that killed the old ones: held back until the cause is named and a line cures it, or somebody signs. */
export function causeStop(inForce: Entry[]): Stop[] {
  const parts = condemned(inForce)
  const { named, cured } = causeCured(inForce)
  if (!parts.length || (named && cured)) return []
  const names = parts.map(p => partName(p.body.part, p.body.place).toLowerCase())
  return [
    {
      id: 'cause',
      title: "Don't build it yet",
      reason: `${names.slice(0, 3).join(', ')}${names.length > 3 ? ` and ${names.length - 3} more` : ''}: ${named ? 'the cause is named, but no line of any way to go cures it.' : 'what did that is not named yet, and would do it again.'}`,
      clearedBy:
        'The first cause, at least suspected, and a line that cures it; or a named person signs that it is unknown, and the owner is told.',
    },
  ]
}
