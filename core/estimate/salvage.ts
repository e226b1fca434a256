import { TIE } from '../errors'

export interface SalvageInput {
  asIs: number
  partsOut: { price: number; p: number }[]
  stripHours: number
  ratePerH: number
  sellingFeePct: number
  massKg: number
  scrapPerKg: number
  haul: number
}

/**
 * What the machine brings without being mended: sold as it is, parted out, or as metal. Ties go to the least work.
 * @param partsOut   price of each part that may sell, with the chance that it does
 * @param stripHours time to take it apart, charged at ratePerH
 * @returns partOut null when no parts are listed
 */
export function salvage({
  asIs,
  partsOut,
  stripHours,
  ratePerH,
  sellingFeePct,
  massKg,
  scrapPerKg,
  haul,
}: SalvageInput) {
  const sold = partsOut.reduce((sum, part) => sum + part.price * part.p, 0) * (1 - sellingFeePct / 100)
  const partOut = partsOut.length ? sold - stripHours * ratePerH : null
  const scrap = massKg * scrapPerKg - haul
  const ways: { way: 'as_is' | 'part_out' | 'scrap'; value: number }[] = [
    { way: 'as_is', value: asIs },
    ...(partOut === null ? [] : [{ way: 'part_out' as const, value: partOut }]),
    { way: 'scrap', value: scrap },
  ]
  const best = ways.reduce((a, b) => (b.value > a.value + TIE ? b : a))
  return { asIs, partOut, scrap, best: best.way, value: best.value }
}
