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
  /** what it is about */
  subject?: string
  /** the findings that brought it up */
  entryIds?: string[]
  /** a named person may take it on */
  canSign?: boolean
  signed?: { by: string; at: string; reason: string } | null
}
