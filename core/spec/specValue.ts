import type { EngineClass } from '../job/vocabulary'
import { convert } from '../units/unitConvert'
import { ruleOfThumb } from './rulesOfThumb'

/** Where a figure comes from. A rule of thumb can make a reading doubtful; it can't condemn a part. */
export const SPEC_SOURCES = { maker: 'maker\'s figure', measured: 'measured here', rule_of_thumb: 'rule of thumb' } as const
export type SpecSource = keyof typeof SPEC_SOURCES

export const SPEC_ITEMS = {
  oil_capacity: { label: 'Whole oil fill', unit: 'mL' },
  oil_full_mark: { label: 'Oil at the full mark', unit: 'mL' },
  oil_low_mark: { label: 'Oil at the low mark', unit: 'mL' },
  oil_change: { label: 'Hours between oil changes', unit: 'h' },
  compression_limit: { label: 'Least compression', unit: 'kPa' },
  compression_with_release: { label: 'Least compression, release working', unit: 'kPa' },
} as const
export type SpecItem = keyof typeof SPEC_ITEMS

export interface SpecValue { item: SpecItem, value: number, unit: string, source: SpecSource, note: string | null }

/** The figure used, in the item's own unit, beside every other figure known for it. */
export interface SpecLookup { value: number, source: SpecSource, maker: number | null, others: { value: number, source: SpecSource }[] }

const RANK: SpecSource[] = ['maker', 'measured', 'rule_of_thumb']

/**
 * The figure to use for an item: the maker's before one measured on the spot, either before the class's rule of thumb.
 * @returns undefined when nothing at all is known
 */
export function specFor(item: SpecItem, spec: SpecValue[], engineClass: EngineClass, displacementCc: number | null): SpecLookup | undefined {
  const unit = SPEC_ITEMS[item].unit
  const known = spec.filter(v => v.item === item).map(v => ({ value: convert(v.value, v.unit, unit), source: v.source }))
  const thumb = ruleOfThumb(item, engineClass, displacementCc)
  const all = [...known, ...(thumb === undefined ? [] : [{ value: thumb, source: 'rule_of_thumb' as const }])]
    .sort((a, b) => RANK.indexOf(a.source) - RANK.indexOf(b.source))
  const [used, ...others] = all
  return used && { ...used, maker: all.find(v => v.source === 'maker')?.value ?? null, others }
}
