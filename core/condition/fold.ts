import type { Act, Deed, Fact, HazardStart, Strength } from '../log/facts'
import { STRENGTHS } from '../log/facts'
import type { JobFile } from '../entries/file'
import { roomOf, standsAt } from '../entries/rooms'
import type { Entry } from '../entries/types'
import { cylinderOf } from '../log/cylinder'
import type { Judgement } from '../judgement'
import type { HazardRow, Step } from './hazardRow'
import { HAZARD_ROWS } from './hazardRows'

/** A danger as it stands: what started it, how far it is on its way out. */
export interface Hazard {
  /** of this danger at this subject; what a signature names */
  id: string
  hazard: string
  subject: string
  row: HazardRow
  /** the size it came from, where its subject has several */
  property: string | null
  /** what may not be done now: what is left of the row's acts */
  forbids: Act[]
  whys: string[]
  entryIds: string[]
  /** place in the log of the newest entry that brought it up */
  seq: number
  /** only told: asked after, not blocking */
  told: boolean
  /** steps taken of each way out */
  taken: number[]
}

/** Facts of one subject and property, in the order of the log. */
export interface Known {
  subject: string
  property: string
  /** what stood before the first deed on it */
  asFound: Fact | null
  /** what stands since the last deed on it; null: nobody has looked since */
  now: Fact | null
  all: Fact[]
}

export interface Condition {
  /** what stands on the log, judged or not */
  inForce: readonly Entry[]
  judged: { entry: Entry; judgement: Judgement }[]
  known: Map<string, Known>
  deeds: Deed[]
  /** dangers that stand, the oldest first */
  hazards: Hazard[]
}

const HOW_STRONG: Record<string, Strength> = {
  measured: 'measured',
  by_eye: 'seen',
  by_feel: 'felt',
  claimed: 'told',
  estimated: 'felt',
}
const rank = (s: Strength): number => STRENGTHS.indexOf(s)
const GRAVE = { good: 0, open: 1, near: 2, past: 3 } as const

/** The part of a subject, without its place. */
export const partOfSubject = (subject: string): string =>
  subject.startsWith('sample:') || subject.startsWith('mod:') ? subject : (subject.split(':')[0] ?? subject)

/** A worse word stands at once; a better one takes its place only where it is known as well or better. `open` takes the place of nothing. */
function standing(before: Fact | null, next: Fact): Fact {
  if (!before || before.mark === 'open') return next.mark === 'open' && before ? before : next
  if (next.mark === 'open') return before
  if (GRAVE[next.mark] >= GRAVE[before.mark]) return next
  return rank(next.strength) >= rank(before.strength) ? next : before
}

const same = (subject: string, wanted: string): boolean =>
  subject === wanted || (!wanted.includes(':') && partOfSubject(subject) === wanted)

function stepTaken(step: Step, hazard: Hazard, facts: Fact[], deeds: Deed[]): boolean {
  const of = step.of === 'same' ? hazard.subject : step.of
  if (step.did) {
    return deeds.some(
      d =>
        step.did?.includes(d.did) &&
        (step.of === 'answers'
          ? d.answers.some(id => hazard.entryIds.includes(id))
          : same(d.subject, of) || d.answers.some(id => hazard.entryIds.includes(id))),
    )
  }
  const wanted = step.good === 'same' ? hazard.property : step.good
  return facts.some(
    f =>
      f.property === wanted &&
      f.mark === 'good' &&
      same(f.subject, of) &&
      (!step.strength || rank(f.strength) >= rank(step.strength)),
  )
}

/** Steps that a bad finding makes due again, and those after them. */
function undo(hazard: Hazard, facts: Fact[]): void {
  hazard.row.ends.forEach((way, w) => {
    const k = way.findIndex(
      (step, i) =>
        i < (hazard.taken[w] ?? 0) &&
        step.again &&
        facts.some(
          f =>
            f.property === step.again &&
            f.mark === 'past' &&
            same(f.subject, step.of === 'same' ? hazard.subject : step.of),
        ),
    )
    if (k >= 0) hazard.taken[w] = k
  })
}

/** Takes the hazard on along each of its ways, as far as one entry's facts and deeds carry it; true when one way is at its end. */
function advance(hazard: Hazard, facts: Fact[], deeds: Deed[], atOnce = false): boolean {
  hazard.row.ends.forEach((way, w) => {
    for (let k = hazard.taken[w] ?? 0; k < way.length; k++) {
      const step = way[k] as Step
      if (atOnce && !step.atOnce) break
      if (!stepTaken(step, hazard, facts, deeds)) break
      hazard.taken[w] = k + 1
    }
  })
  const lifted = new Set(hazard.row.ends.flatMap((way, w) => way.slice(0, hazard.taken[w]).flatMap(s => s.lifts ?? [])))
  hazard.forbids = hazard.row.forbids.filter(a => !lifted.has(a))
  return hazard.row.ends.some((way, w) => (hazard.taken[w] ?? 0) >= way.length)
}

/**
 * Folds a log into what is known of the engine: facts by subject as found and now, deeds, and the dangers that stand. Order counts: a danger
 * ends only through its steps one after the other, and a bad word after a repair begins it anew.
 */
export function foldCondition(file: JobFile, inForce: Entry[]): Condition {
  const known = new Map<string, Known>()
  const deeds: Deed[] = []
  const open = new Map<string, Hazard>()
  const judged: Condition['judged'] = []
  const worked = new Set<string>()

  inForce.forEach((entry, seq) => {
    const room = roomOf(entry)
    const place = cylinderOf(entry)
    // what is said of one cylinder is a fact of that one
    const at = <D extends { subject: string }>(draft: D): D =>
      place && !draft.subject.includes(':') ? { ...draft, subject: `${draft.subject}:${place}` } : draft
    const judgement = room.judge?.(entry, file, inForce) ?? null
    if (judgement && place) judgement.headline = `${judgement.headline}, ${place}`
    if (judgement) judged.push({ entry, judgement })
    const strength = (entry.how && HOW_STRONG[entry.how]) || 'seen'
    const newFacts = (room.facts?.(entry, file, judgement) ?? []).map((f): Fact => ({
      ...at(f),
      strength,
      entryId: entry.id,
      seq,
    }))
    const newDeeds = (room.deeds?.(entry, file) ?? []).map((d): Deed => ({
      ...at(d),
      answers: d.answers ?? [],
      entryId: entry.id,
      seq,
    }))
    const starts = (room.hazards?.(entry, file, judgement) ?? []).map(at)

    for (const deed of newDeeds) {
      deeds.push(deed)
      worked.add(deed.subject)
      for (const k of known.values()) if (same(k.subject, deed.subject)) k.now = null
    }
    for (const fact of newFacts) remember(known, fact, worked)
    for (const hazard of open.values()) undo(hazard, newFacts)
    for (const [key, hazard] of open) if (advance(hazard, newFacts, newDeeds)) open.delete(key)
    for (const start of starts) begin(open, start, entry.id, seq, strength, newFacts, newDeeds)
  })
  return { inForce, judged: notReplaced(judged), known, deeds, hazards: [...open.values()] }
}

/** Of kinds whose newer one says all that there is to say of its place, only the newest is heard. */
function notReplaced(judged: Condition['judged']): Condition['judged'] {
  const last = new Map(judged.map(({ entry }) => [standsAt(entry), entry.id]))
  return judged.filter(({ entry }) => !roomOf(entry).replaces || last.get(standsAt(entry)) === entry.id)
}

function remember(known: Map<string, Known>, fact: Fact, worked: Set<string>): void {
  const key = `${fact.subject} ${fact.property}`
  const before = known.get(key) ?? { subject: fact.subject, property: fact.property, asFound: null, now: null, all: [] }
  before.all.push(fact)
  before.now = standing(before.now, fact)
  if (![...worked].some(subject => same(fact.subject, subject))) before.asFound = standing(before.asFound, fact)
  known.set(key, before)
}

function begin(
  open: Map<string, Hazard>,
  start: HazardStart,
  entryId: string,
  seq: number,
  strength: Strength,
  facts: Fact[],
  deeds: Deed[],
): void {
  const row: HazardRow | undefined = HAZARD_ROWS[start.hazard]
  if (!row) return
  // a level that was fuel is dealt with on the way back from it, as long as nothing of that way is gone
  const taken = (h: Hazard): boolean => h.taken.some(n => n > 0)
  if ([...open.values()].some(h => h.row.instead?.includes(start.hazard) && !taken(h))) return
  const id = [start.hazard, start.subject === row.of ? null : start.subject, start.property].filter(Boolean).join(':')
  const before = open.get(id)
  const told = (start.told ?? false) || strength === 'told'
  const hazard: Hazard = before
    ? {
        ...before,
        whys: [...new Set([...before.whys, start.why])],
        entryIds: [...before.entryIds, entryId],
        seq,
        told: before.told && told,
        taken: row.ends.map(() => 0),
      }
    : {
        id,
        hazard: start.hazard,
        subject: start.subject,
        property: start.property ?? null,
        row,
        forbids: [...row.forbids],
        whys: [start.why],
        entryIds: [entryId],
        seq,
        told,
        taken: row.ends.map(() => 0),
      }
  // what the very entry says besides the danger: a drained reading is drained already
  if (advance(hazard, facts, deeds, true)) return
  open.set(id, hazard)
  for (const [key, other] of open) if (row.instead?.includes(other.hazard)) open.delete(key)
}
