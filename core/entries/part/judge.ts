import type { JobFile } from '../file'
import type { Judgement, Owed } from '../../judgement'
import { MEASURE_PLANS } from '../../measure/items'
import { DISPOSITIONS, OIL_STATES } from '../../teardown/partPlan'
import { schoolOf, schoolWords } from '../../engine/schools'
import { SCORE_SIDES } from '../../words/opened'
import { PART_PLANS } from '../../teardown/parts'
import { partName } from '../../teardown/places'
import type { Entry } from '../types'
import type { Logged } from '../../log/entry'
import type { PartBody } from './schema'
import { keptOf } from '../kept'
import { HARMLESS } from './dangers'
import { CONDEMNED } from './standing'

/** What this shop asks of seals that are used again: their age, and a test on a two-stroke. */
function askedBySchool(
  { part, seen }: PartBody,
  { policy, facts }: JobFile,
  inForce: Entry[],
): { words: string; open: boolean } | null {
  if (part !== 'seals' && part !== 'orings') return null
  if (seen.includes('age') && schoolOf(policy, 'seals_age') === 'renew')
    return {
      words: `${schoolWords(policy, 'seals_age')}: used again, that is an exception with its reason.`,
      open: false,
    }
  if (part !== 'seals' || facts.cycle !== 'two') return null
  const tested = keptOf(inForce).crankcase.length > 0
  if (tested) return null
  return schoolOf(policy, 'seals') === 'test'
    ? { words: `Cleared by look, not by test. ${schoolWords(policy, 'seals')}.`, open: true }
    : { words: `Cleared by look. ${schoolWords(policy, 'seals')}.`, open: false }
}

/** Where a mark lies says what made it. General workshop practice. */
const SIDE_SAYS: Record<NonNullable<PartBody['side']>, string> = {
  thrust: 'On the thrust side: dirt or too little oil.',
  other_thrust: 'Opposite the thrust side: slap, or a piston the wrong way round.',
  exhaust: 'On the exhaust side: lean, or too hot.',
  inlet: 'On the inlet side: dirt drawn in, or fuel that washed the oil off.',
  pin_ends: "Along the pin's ends: a clip or a pin that wandered.",
  all_round: 'All round: cold seizure, or too little clearance.',
}

/** Figures that a part used again on a look alone still asks for. */
export function figuresOwed({ body: { part, disposition } }: Logged<PartBody>, inForce: Entry[]): string[] {
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
export function judgePart(entry: Logged<PartBody>, file: JobFile, inForce: Entry[]): Judgement {
  const { part, place, disposition, seen, oil, owed, side } = entry.body
  const { look } = PART_PLANS[part]
  const name = partName(part, place)
  const words = seen.map(k => look[k] ?? k)
  const owes = figuresOwed(entry, inForce)
  const details = words.length ? [`${words.join(', ')}${side ? `, ${SCORE_SIDES[side].toLowerCase()}` : ''}.`] : []
  if (side && words.length) details.push(SIDE_SAYS[side])
  if (oil === 'dry' || oil === 'hurt')
    details.push(`${OIL_STATES[oil]}: see the oil map for what it shares with others.`)
  if (owes.length) details.push(`Used again on a look or a feel: not measured. Take one of: ${owes.join(', ')}.`)
  if (owed) details.push(`Still owed: ${owed}`)
  const kept = disposition === 'reuse' || disposition === 'clean'
  const asked = kept ? askedBySchool(entry.body, file, inForce) : null
  if (asked) details.push(asked.words)
  const mark = CONDEMNED.includes(disposition)
    ? 'past'
    : disposition === 'unknown' || disposition === 'not_here' || owes.length || asked?.open
      ? 'open'
      : seen.some(k => !HARMLESS.includes(`${part} ${k}`)) || owed || asked
        ? 'near'
        : 'good'
  return {
    entryId: entry.id,
    mark,
    headline: `${name}: ${DISPOSITIONS[disposition].toLowerCase()}${words[0] ? `, ${words[0].toLowerCase()}` : ''}`,
    details,
  }
}

/** What a part still asks for: what was written down as owed, a word on what becomes of it, a figure. */
export function owedOfPart(entry: Logged<PartBody>, inForce: Entry[]): Omit<Owed, 'entryId'>[] {
  const { part, place, owed, disposition, reason } = entry.body
  const name = partName(part, place)
  return [
    ...(owed ? [{ text: `${name}: ${owed}`, must: false }] : []),
    ...(disposition === 'unknown' && !owed ? [{ text: `${name}: ${reason ?? 'not decided'}`, must: true }] : []),
    ...figuresOwed(entry, inForce)
      .slice(0, 1)
      .map(figure => ({ text: `${name}: kept on a look, ${figure} not measured`, must: false })),
  ]
}
