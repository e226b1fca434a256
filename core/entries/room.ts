import type { Act, DeedDraft, FactDraft, HazardStart } from '../log/facts'
import type { ShopPolicy } from '../engine/policy'
import type { EngineFacts } from '../engine/facts'
import type { Stage } from '../log/words'
import type { Judgement, Owed, Stop } from '../judgement'
import type { Right } from '../people/roles'
import type { JobFile } from './file'
import type { Entry, EntryKind, EntryOf } from './types'

/** The log up to an entry, as its own gate may ask of it: what is judged is judged once, and only where a gate asks. */
export interface Before {
  inForce: Entry[]
  policy: ShopPolicy
  stops: Stop[]
  owed: Owed[]
  /** the clock that runs, and whether the owner's cap is passed */
  spend: { running: EntryOf<'spend'> | null; state: string }
}

/** Why not, in words; where a field says so, which one and what would be right there. */
export interface Refusing {
  message: string
  field?: string
  hint?: string
}

/** What an entry does to the engine, and what it says of it. Everything but name and stage may be left out. */
export interface Room<K extends EntryKind> {
  /** as a list of what was looked at says it */
  name: string
  /** the stage of the job that it belongs to */
  stage: Stage | null | ((entry: EntryOf<K>) => Stage)
  /** who may log it; left out: the bench */
  right?: Right
  /** by what it stands side by side with others of its kind: cylinder, valve, sample place */
  place?(entry: EntryOf<K>): string
  /** read, seen, felt or told of the machine: how it was got has to be said, and what happened is never refused */
  finding?: true
  /** its stage counts as done once one of it stands */
  shows?: true
  /** what the first look and the tests of this kind of engine are not complete without; the stage waits for those of `essential` */
  asked?(facts: EngineFacts): 'asked' | 'essential' | false
  /** why it can't be logged as it stands, with the field that says so: beyond what its form of words allows, and never asked of what is stored */
  refuse?(entry: EntryOf<K>, before: Before): Refusing | null
  /** looks of the rail that it answers, besides the one of its own name */
  answers?: readonly string[]
  /** it is done with hands near what turns, falls, sprays or springs: not before the machine was made safe */
  handsIn?(entry: EntryOf<K>): boolean
  /** every one of its kind counts, not only the newest */
  all?: true
  /** a newer one of the same place takes the place of the older in everything */
  replaces?: true
  judge?(entry: EntryOf<K>, file: JobFile, inForce: Entry[]): Judgement
  facts?(entry: EntryOf<K>, file: JobFile, judged: Judgement | null): FactDraft[]
  deeds?(entry: EntryOf<K>, file: JobFile): DeedDraft[]
  hazards?(entry: EntryOf<K>, file: JobFile, judged: Judgement | null): HazardStart[]
  /** what it leaves open until somebody answers it */
  owes?(entry: EntryOf<K>, inForce: Entry[], policy: ShopPolicy): Omit<Owed, 'entryId'>[]
  /** what the entry says was done or is asked for: a standing hazard that forbids it refuses the entry */
  acts?(entry: EntryOf<K>): Act[]
}
