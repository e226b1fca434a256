/** What may be forbidden, told apart: who may not crank may not run, who may not run may not load; nothing else is implied. */
export const ACTS = {
  turn: 'turn it by hand with the plug in',
  spin: 'spin it with the plug out',
  crank: 'crank it',
  trial: 'try it',
  run: 'run it',
  load: 'work it',
  tip: 'tip it',
  refill: 'fill it',
  adjust: 'adjust it',
  fit: 'fit it',
  build: 'close it up',
  hand_back: 'hand it back',
  spend: 'spend more on it',
} as const
export type Act = keyof typeof ACTS

/** How well something is known, weakest first. */
export const STRENGTHS = ['told', 'felt', 'seen', 'measured'] as const
export type Strength = (typeof STRENGTHS)[number]

/** What a fact or a deed is about: a part with its place, a sample place, a fluid, or the whole machine. `crank`, `piston:cylinder 2`, `sample:sump`, `oil`. */
export type Subject = string

export type FactMark = 'good' | 'near' | 'past' | 'open'
export type Whose = 'maker' | 'shop' | 'rule_of_thumb' | 'looked'

/** One thing that is known of this engine, as one entry says it. */
export interface Fact {
  subject: Subject
  property: string
  mark: FactMark
  strength: Strength
  /** whose limit it was held against */
  whose: Whose
  /** as it is said, with its figure */
  value: string
  entryId: string
  seq: number
}
export type FactDraft = Omit<Fact, 'entryId' | 'seq' | 'strength'>

export type DeedKind = 'renewed' | 'repaired' | 'cleaned' | 'set' | 'drained' | 'filled' | 'explained' | 'tried'
/** Something that was done to the engine: it changes what it is now, never what it was as found. */
export interface Deed {
  did: DeedKind
  subject: Subject
  /** entries that it answers */
  answers: readonly string[]
  entryId: string
  seq: number
}
export type DeedDraft = Omit<Deed, 'entryId' | 'seq' | 'answers'> & { answers?: readonly string[] }

/** A danger that an entry brings up: which row of the table, about what, in this entry's own words. */
export interface HazardStart {
  hazard: string
  subject: Subject
  why: string
  /** only told: it is shown and asked after, it does not block */
  told?: boolean
  /** of which of the subject's sizes, where it has several: a step that asks for the same size takes no other */
  property?: string
}

/** Signs of the catalogue that an entry speaks of: there, or looked for and not there; `thumb`: by a rule of thumb only. */
export type SignDraft = [sign: string, there: boolean, thumb?: 'thumb']
