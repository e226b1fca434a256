import { InputError, TIE } from '../errors'

/** Spread between cylinders up to which it is sound, and up to which it is watched, %. General workshop-manual practice, rule of thumb. */
export const SPREAD_LIMITS = { ok: 10, watch: 25 } as const

/**
 * How evenly the cylinders of one engine read. Two low neighbours point at the gasket between them.
 * @param readingsKpa one reading a cylinder in their order, at least 2
 * @returns adjacentLow as pairs of cylinder numbers and `lowest`, both counted from 1
 */
export function cylSpread({ readingsKpa }: { readingsKpa: number[] }) {
  const max = Math.max(...readingsKpa)
  if (max === 0)
    throw new InputError(
      'inconsistent',
      'readings_kpa',
      'Every cylinder reads nothing: check the gauge, the release and that it turns.',
    )
  const min = Math.min(...readingsKpa)
  const spreadPct = (100 * (max - min)) / max
  const isLow = (kpa: number): boolean => kpa < 0.75 * max - TIE
  const adjacentLow =
    readingsKpa.length < 3
      ? []
      : readingsKpa.slice(0, -1).flatMap((kpa, i) => {
          const next = readingsKpa[i + 1] ?? max
          const alike = Math.abs(kpa - next) <= 0.1 * Math.max(kpa, next) + TIE
          return isLow(kpa) && isLow(next) && alike ? [[i + 1, i + 2]] : []
        })
  const state = spreadPct <= SPREAD_LIMITS.ok + TIE ? 'ok' : spreadPct <= SPREAD_LIMITS.watch + TIE ? 'watch' : 'fail'
  return { spreadPct, state, adjacentLow, lowest: readingsKpa.indexOf(min) + 1 }
}
