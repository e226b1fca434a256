import type { EntryKind } from '#core/entries/types'
import type { Stage } from '#core/log/words'
import type { Face, Shown } from './face'
import type { FindingPlan } from './fieldPlan'

const PLANNED = import.meta.glob<FindingPlan>('./*/fields.ts', { eager: true, import: 'default' })
const DRAWN = import.meta.glob<Face>('./*/face.ts', { eager: true, import: 'default' })

/** A folder is named after the kind of entry whose face it holds. */
const byKind = <T>(files: Record<string, T>): Partial<Record<EntryKind, T>> =>
  Object.fromEntries(Object.entries(files).map(([path, face]) => [path.split('/')[1], face]))

/** Findings whose form follows from a list of fields: one renderer draws them all. */
export const FINDING_PLANS = byKind(PLANNED)

/** Where each kind of entry is logged and corrected. */
export const FACES: Partial<Record<EntryKind, Face>> = { ...FINDING_PLANS, ...byKind(DRAWN) }

export interface Tab {
  form: EntryKind
  label: string
  at: number
}

/** The forms of a stage, in their order, as far as this engine is asked with them. */
export function tabsOf(stage: Stage, shown: Shown): Tab[] {
  return (Object.keys(FACES) as EntryKind[])
    .flatMap(form => {
      const face = FACES[form]
      const tab = face?.stage === stage ? face.tab : undefined
      return tab && (tab.when?.(shown) ?? true) ? [{ form, label: tab.label, at: tab.at }] : []
    })
    .sort((a, b) => a.at - b.at)
}
