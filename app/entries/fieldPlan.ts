import type { LeakSite } from '#core/entries/leaks/schema'
import type { EngineFacts } from '#core/engine/facts'
import type { HowGot } from '#core/log/words'
import type { Face } from './face'

/** One field of a finding that is plain enough to be described instead of drawn. */
export type FieldPlan = {
  key: string
  label: string
  hint?: string
  when?: (draft: FieldsDraft, facts: EngineFacts) => boolean
} & (
  | {
      type: 'chips'
      options: Partial<Record<string, string>>
      start?: string
      needed?: boolean
      swatches?: Record<string, string>
    }
  | { type: 'many'; options: Partial<Record<string, string>> }
  | { type: 'text' | 'area' | 'lines' }
  | { type: 'figure'; suffix?: string }
  | { type: 'money' }
  | { type: 'date' }
  | { type: 'quantity'; units: string[]; kind: string }
  | { type: 'leaks' }
  | { type: 'cause' }
  /** parts of this engine, each where it sits */
  | { type: 'parts'; more?: Record<string, string> }
  /** findings that stand against it */
  | { type: 'answers' }
  | { type: 'switch' }
  | { type: 'rows'; columns: readonly RowColumn[]; add: string }
)
/** One column of a list of rows; `units`: a figure in one of these, as a quantity */
export interface RowColumn {
  key: string
  label: string
  figure?: true
  units?: string[]
  suffix?: string
  options?: Record<string, string>
  start?: string
}
export interface QuantityDraft {
  text: string
  unit: string
}
export type FieldsDraft = Record<
  string,
  string | string[] | boolean | QuantityDraft | LeakSite[] | Record<string, string>[] | null
>

export interface FindingPlan extends Face {
  /** what the button says */
  log: string
  intro?: string
  caution?: string
  how: HowGot | null | ((draft: FieldsDraft) => HowGot | null)
  fields: FieldPlan[]
  /** one touch for a whole check that finds nothing */
  normal?: { word: string; draft: FieldsDraft }
  /** taken cylinder by cylinder, where there are several */
  byCylinder?: true
  /** counts in the judgement while it is being typed */
  counts?: boolean
}

export const note: FieldPlan = { type: 'area', key: 'note', label: 'Note' }
