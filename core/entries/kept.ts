import type { Entry, EntryKind, EntryOf } from './types'

/** What a job keeps on record, by kind, oldest first: terms, claims, ways, money, papers. What is known of the engine is read from the condition. */
export type Kept = { readonly [K in EntryKind]: readonly EntryOf<K>[] }

const NONE: readonly Entry[] = []
const KEPT = new WeakMap<readonly Entry[], Kept>()

/** The record of a job, sorted once for one list of entries. */
export function keptOf(entries: readonly Entry[]): Kept {
  const before = KEPT.get(entries)
  if (before) return before
  const byKind = new Map<string, Entry[]>()
  for (const entry of entries) {
    const same = byKind.get(entry.kind)
    if (same) same.push(entry)
    else byKind.set(entry.kind, [entry])
  }
  const kept = new Proxy({} as Kept, { get: (_, kind: string) => byKind.get(kind) ?? NONE })
  KEPT.set(entries, kept)
  return kept
}
