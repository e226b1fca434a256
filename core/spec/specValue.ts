import { TIE } from '../errors'
import type { EngineClass } from '../engine/words'
import { convert } from '../units/unitConvert'
import { quantityText, shownIn } from '../units/unitRound'
import { ruleOfThumb } from './rulesOfThumb'
import type { SpecItem } from './specItems'
import { PLAIN_UNITS, SPEC_ITEMS } from './specItems'

/** Where a figure comes from. A rule of thumb can make a reading doubtful; it can't condemn a part. */
export const SPEC_SOURCES = {
  shop: "shop's own figure",
  maker: "maker's figure",
  book: 'workshop book',
  measured: 'measured here',
  rule_of_thumb: 'rule of thumb',
} as const
export type SpecSource = keyof typeof SPEC_SOURCES
/** Which source is used when several are known and nobody has chosen: the shop's own figure is a decision, so it leads. */
const RANK = Object.keys(SPEC_SOURCES) as SpecSource[]

/** One figure of a sheet. Two sources that differ are both kept. */
export interface SpecValue {
  item: SpecItem
  value: number
  unit: string
  source: SpecSource
  /** title and page, or how it was measured */
  note: string | null
  year: number | null
  /** who compared it with its source */
  checkedBy: string | null
  /** chosen by the shop among figures that disagree */
  chosen: boolean
  /** why, among figures that disagree; absent where nobody was asked */
  chosenWhy?: string | null
}

export interface KnownFigure {
  value: number
  source: SpecSource
}
/** The figure used, in the item's own unit, beside every other figure known for it. */
export interface SpecLookup extends KnownFigure {
  maker: number | null
  others: KnownFigure[]
  /** sources other than rules of thumb disagree */
  conflict: boolean
}

/** Figures within this share of each other are the same figure, rounded differently. */
const SAME_SHARE = 0.01

/** A sheet's figure in the item's own unit. */
export const inItemUnit = ({ item, value, unit }: Pick<SpecValue, 'item' | 'value' | 'unit'>): number =>
  unit === SPEC_ITEMS[item].unit ? value : convert(value, unit, SPEC_ITEMS[item].unit)

/** A figure with its unit as people write it. */
export const specText = (value: number, unit: string): string =>
  unit in PLAIN_UNITS ? `${value} ${PLAIN_UNITS[unit]}` : quantityText(value, unit)
/** A figure of the sheet in another unit; plain counts as they are. */
export const specShownIn = (value: number, unit: string, other: string): string =>
  unit in PLAIN_UNITS ? specText(value, unit) : shownIn(value, unit, other)

/**
 * The figure to use for an item: the one the shop chose, otherwise the shop's own, the maker's, a book's, one measured here,
 * and last the class's rule of thumb.
 * @returns undefined when nothing at all is known
 */
export function specFor(
  item: SpecItem,
  spec: SpecValue[],
  engineClass: EngineClass,
  displacementCc: number | null,
): SpecLookup | undefined {
  const known = spec
    .filter(v => v.item === item)
    .map(v => ({ value: inItemUnit(v), source: v.source, chosen: v.chosen }))
  const thumb = ruleOfThumb(item, engineClass, displacementCc)
  const all = [
    ...known,
    ...(thumb === undefined ? [] : [{ value: thumb, source: 'rule_of_thumb' as const, chosen: false }]),
  ]
    .sort((a, b) => Number(b.chosen) - Number(a.chosen) || RANK.indexOf(a.source) - RANK.indexOf(b.source))
    .map(({ value, source }): KnownFigure => ({ value, source }))
  const [used, ...others] = all
  return (
    used && {
      ...used,
      maker: all.find(v => v.source === 'maker')?.value ?? null,
      others,
      conflict: disagree(known.filter(v => v.source !== 'rule_of_thumb').map(v => v.value)),
    }
  )
}

function disagree(values: number[]): boolean {
  const [low, high] = [Math.min(...values), Math.max(...values)]
  return values.length > 1 && high - low > SAME_SHARE * high + TIE
}

/** Items for which the sheet's own sources disagree, in the sheet's order. */
export function conflictsOf(spec: SpecValue[]): SpecItem[] {
  const items = [...new Set(spec.map(v => v.item))]
  return items.filter(item =>
    disagree(spec.filter(v => v.item === item && v.source !== 'rule_of_thumb').map(inItemUnit)),
  )
}

/**
 * Whose figure was used and what it stood beside, in words: the maker's is never hidden behind the shop's own.
 * @param unit the unit to show it in
 */
export function sourceWords(found: SpecLookup, itemUnit: string, unit: string): string {
  const beside = found.others.filter(
    o => o.source !== 'rule_of_thumb' && Math.abs(o.value - found.value) > SAME_SHARE * found.value,
  )
  const others = beside.map(o => `${SPEC_SOURCES[o.source]} ${specShownIn(o.value, itemUnit, unit)}`)
  return `${SPEC_SOURCES[found.source]}${others.length ? `; beside it ${others.join(', ')}` : ''}`
}
