import type { HowGot } from './words'

/** One line of a job's log: what was found or done, when, by whom, and how it was got. */
export interface Entry<K extends string, B> {
  id: string
  kind: K
  /** when it was found or done, ISO 8601 */
  at: string
  /** id of the person who did it */
  by: string
  /** null for decisions and paperwork */
  how: HowGot | null
  body: B
  /** id of the entry that this one corrects or voids */
  supersedes: string | null
}

/** An entry as its own room takes it: by its body alone. */
export type Logged<B> = Entry<string, B>

/** What undoes another entry. */
const UNDOING = 'void'

/** Entries before one of them; none where it is not among them. */
export const entriesBefore = <E extends { id: string }>(entries: readonly E[], id: string): E[] =>
  entries.slice(
    0,
    Math.max(
      0,
      entries.findIndex(e => e.id === id),
    ),
  )

/**
 * Entries that stand: neither corrected nor undone, and not undoings themselves. A correction stands where the entry
 * stood that it corrects, so that putting an old reading right never makes it the newest.
 */
export function entriesInForce<E extends Entry<string, unknown>>(entries: E[]): E[] {
  const place = new Map<string, number>()
  for (const [i, e] of entries.entries())
    place.set(e.id, (e.supersedes !== null ? place.get(e.supersedes) : undefined) ?? i)
  const replaced = new Set(entries.map(e => e.supersedes).filter(id => id !== null))
  return entries
    .filter(e => e.kind !== UNDOING && !replaced.has(e.id))
    .sort((a, b) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0))
}

/** What was undone and is not put back, by the id of its undoing. */
export function undone<E extends Entry<string, unknown>>(entries: readonly E[]): Map<string, E> {
  const byId = new Map(entries.map(e => [e.id, e]))
  const answered = new Set(entries.map(e => e.supersedes))
  return new Map(
    entries
      .filter(e => e.kind === UNDOING && e.supersedes !== null && !answered.has(e.id))
      .flatMap(e => {
        const was = byId.get(e.supersedes ?? '')
        return was ? [[e.id, was] as const] : []
      }),
  )
}

/** The entry that stands where another was put: itself, its correction, or what was put back; null where it was taken back. */
export function standsFor<E extends Entry<string, unknown>>(entries: readonly E[], id: string): E | null {
  const next = entries.find(e => e.supersedes === id)
  if (next) return standsFor(entries, next.id)
  const own = entries.find(e => e.id === id)
  return own && own.kind !== UNDOING ? own : null
}
