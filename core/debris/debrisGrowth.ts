import { InputError, TIE } from '../errors'

/**
 * Whether dirt comes faster than it did. Rate = area of dirt per running hour since the previous cleaning.
 * @param amountsMm2     area of dirt of each sample, mm², oldest first, at least 2
 * @param hours          running hours that each sample covers
 * @param floorMm2PerH   a last rate up to this is steady whatever came before
 * @returns ratio of the last rate to the median of the earlier ones; null when that median is 0
 */
export function debrisGrowth({
  amountsMm2,
  hours,
  floorMm2PerH,
}: {
  amountsMm2: number[]
  hours: number[]
  floorMm2PerH: number
}) {
  if (amountsMm2.length !== hours.length)
    throw new InputError(
      'inconsistent',
      'hours',
      `There are ${hours.length} hours for ${amountsMm2.length} samples: give one for each.`,
    )
  const rates = amountsMm2.map((amount, i) => amount / (hours[i] ?? 1))
  const last = rates.at(-1) ?? 0
  const earlier = median(rates.slice(0, -1))
  const ratio = earlier === 0 ? null : last / earlier
  const state =
    last <= floorMm2PerH + TIE
      ? 'steady'
      : ratio === null || ratio >= 2 - TIE
        ? 'rising_fast'
        : ratio >= 1.5 - TIE
          ? 'rising'
          : 'steady'
  return { rates, ratio, state, raiseOneLevel: state === 'rising_fast' }
}

function median(values: number[]): number {
  const rows = [...values].sort((a, b) => a - b)
  const middle = rows.length >> 1
  const upper = rows[middle] ?? 0
  return rows.length % 2 ? upper : ((rows[middle - 1] ?? 0) + upper) / 2
}
