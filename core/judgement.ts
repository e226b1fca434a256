import type { Act } from './log/facts'

/** good: sound. near: look further. past: beyond its limit. open: not checked, or can't tell. */
export type Mark = 'good' | 'near' | 'past' | 'open'

/** What one entry means, in words that a mechanic would use. */
export interface Judgement {
  entryId: string
  mark: Mark
  /** a few words, for a list */
  headline: string
  /** sentences: what it is compared with, whose figure that is, and what to do now */
  details: string[]
}

/** Something that must not be done, why, and what ends the danger. */
export interface Stop {
  id: string
  title: string
  reason: string
  clearedBy: string
  /** what it forbids */
  forbids?: Act[]
  /** a short trial by the shop may be done all the same */
  trial?: boolean
  /** mended, and only the proof is missing: a short trial may give it */
  proving?: boolean
  /** what it is about */
  subject?: string
  /** the findings that brought it up */
  entryIds?: string[]
  /** a named person may take it on */
  canSign?: boolean
  signed?: { by: string; at: string; reason: string } | null
}

/** Stops that forbid an act, signed ones left out. */
export const forbidding = (stops: Stop[], act: Act): Stop[] =>
  stops.filter(s => !s.signed && (s.forbids ?? []).includes(act))

/** What is run in one way or another. */
const RUNS: readonly Act[] = ['turn', 'crank', 'run', 'load']

/** The stops for which a machine must not be run. */
export const notToRun = (stops: Stop[]): Stop[] => stops.filter(s => s.forbids?.some(a => RUNS.includes(a)))

/** Something noticed and not followed up. */
export interface Owed {
  entryId: string
  text: string
  /** done before it goes; the others may go out as a test owed, with their due */
  must: boolean
}
