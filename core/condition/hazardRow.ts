import type { Act, DeedKind, Strength, Subject } from '../log/facts'

/** One step of the way out of a danger: something done, or something seen to be good, after the step before it. */
export interface Step {
  words: string
  /** a deed of one of these kinds */
  did?: readonly DeedKind[]
  /** or a fact of this property, good; `same`: of the property that the danger came from */
  good?: string
  /** at least known so well */
  strength?: Strength
  /** of the hazard's own subject, of another one, or of whatever answers it */
  of: Subject | 'same' | 'answers'
  /** what may be done again once this step is taken */
  lifts?: readonly Act[]
  /** a bad fact of this property, of the same subject, makes this step due again, and those after it */
  again?: string
  /** said with the finding itself it counts as well */
  atOnce?: true
}

export interface HazardRow {
  title: string
  /** dangers whose place it takes: what they wait for is part of its own way */
  instead?: readonly string[]
  /** what it usually is about: then its name alone says it */
  of?: Subject
  /** once only these acts are left */
  titleLater?: string
  forbids: readonly Act[]
  /** any one of these, each in its order */
  ends: readonly (readonly Step[])[]
  /** `yes`: a named adult may take it on, never for a child's machine; `trial`: a short trial by the shop at most */
  signable: 'yes' | 'no' | 'trial'
}
