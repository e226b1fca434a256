import { TIE } from '../errors'
import type { DidYouMean } from './didYouMean'
import { didYouMean } from './didYouMean'
import type { SpecItem } from './specItems'
import { SPEC_ITEMS } from './specItems'
import type { SpecValue } from './specValue'
import { conflictsOf, inItemUnit, SPEC_SOURCES, specText } from './specValue'

export interface SheetMerge {
  values: SpecValue[]
  added: SpecValue[]
  /** known already, from the same source */
  same: SpecValue[]
  /** items whose sources disagree once they are all in */
  conflicts: SpecItem[]
  doubts: { item: SpecItem; doubt: DidYouMean }[]
}

const equal = (a: SpecValue, b: SpecValue): boolean =>
  a.item === b.item &&
  a.source === b.source &&
  a.year === b.year &&
  Math.abs(inItemUnit(a) - inItemUnit(b)) < TIE * Math.max(1, inItemUnit(a))

/**
 * Figures added to a sheet. Nothing that is there is ever overwritten: a figure that differs stands beside the old one, marked.
 * An added figure is never the chosen one where the sheet has a choice already.
 */
export function mergeSheet(existing: SpecValue[], incoming: SpecValue[]): SheetMerge {
  const added: SpecValue[] = []
  const same: SpecValue[] = []
  for (const v of incoming) {
    if (existing.some(e => equal(e, v)) || added.some(e => equal(e, v))) same.push(v)
    else added.push({ ...v, chosen: v.chosen && ![...existing, ...added].some(e => e.item === v.item && e.chosen) })
  }
  const values = [...existing, ...added]
  const doubts = added.flatMap(v => {
    const doubt = didYouMean(v.item, v.value, v.unit)
    return doubt ? [{ item: v.item, doubt }] : []
  })
  return { values, added, same, conflicts: conflictsOf(values), doubts }
}

/** "Least compression 95 psi (maker's figure, 1964, page 31)". */
export function figureLine({ item, value, unit, source, year, note }: SpecValue): string {
  return `${SPEC_ITEMS[item].label} ${specText(value, unit)} (${[SPEC_SOURCES[source], year, note].filter(Boolean).join(', ')})`
}
