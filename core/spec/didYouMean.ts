import { convert } from '../units/unitConvert'
import { quantityText } from '../units/unitRound'
import { UNITS } from '../units/unitTable'
import type { SpecItem } from './specItems'
import { SANE } from './sane'
import { PLAIN_UNITS, SPEC_ITEMS, UNITS_OF_ITEM } from './specItems'
import { specText } from './specValue'

export interface DidYouMean {
  message: string
  suggestion: { value: number; unit: string } | null
}

/** Readings that are no spec items but are typed at the bench just as fast. Shop judgement, wide on purpose. */
export const SANE_READINGS = {
  compression: { label: 'Compression', unit: 'kPa', sane: [150, 4000] },
  oil: { label: 'Oil', unit: 'mL', sane: [20, 20000] },
  lash: { label: 'Lash', unit: 'mm', sane: [0.01, 1.5] },
} as const

/**
 * Whether a figure lies outside of what any engine has, and if so, which unit was probably meant.
 * A thousandth of an inch typed as millimetres is the classic.
 * @returns null when the figure is sane
 * @example didYouMean('lash_inlet_min', 4, 'mm')  // => suggestion 4 thou
 */
export function didYouMean(
  what: SpecItem | keyof typeof SANE_READINGS,
  value: number,
  unit: string,
): DidYouMean | null {
  const { label, unit: own, sane } = plausible(what)
  const [low, high] = sane
  const fits = (v: number, u: string): boolean => {
    const inner = u === own ? v : convert(v, u, own)
    return inner >= low && inner <= high
  }
  if (fits(value, unit)) return null
  const meant = (UNITS_OF_ITEM[own] ?? []).find(u => u !== unit && !(u in PLAIN_UNITS) && fits(value, u))
  const usual =
    own in PLAIN_UNITS
      ? `${low} to ${specText(high, own)}`
      : `${quantityText(convert(low, own, unit), unit)} to ${quantityText(convert(high, own, unit), unit)}`
  return {
    message: `${label} of ${specText(value, unit)} lies outside of what any engine here has (${usual}).${meant ? ` Did you mean ${value} ${UNITS[meant]?.label ?? meant}?` : ' Check the decimal point.'}`,
    suggestion: meant ? { value, unit: meant } : null,
  }
}

const plausible = (what: SpecItem | keyof typeof SANE_READINGS) =>
  what in SPEC_ITEMS
    ? { ...SPEC_ITEMS[what as SpecItem], sane: SANE[what as SpecItem] }
    : SANE_READINGS[what as keyof typeof SANE_READINGS]
