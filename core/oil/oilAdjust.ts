import { TIE } from '../errors'

/**
 * What to pour in or draw off to reach the wanted volume. Add in two portions, wait, read again.
 * @param deadMl a difference up to this is left alone, mL
 */
export function oilAdjust({
  volumeNowMl,
  targetMl,
  deadMl = 5,
}: {
  volumeNowMl: number
  targetMl: number
  deadMl?: number
}): { action: 'add' | 'drain' | 'none'; amountMl: number } {
  const short = targetMl - volumeNowMl
  if (Math.abs(short) <= deadMl + TIE) return { action: 'none', amountMl: 0 }
  return { action: short > 0 ? 'add' : 'drain', amountMl: Math.abs(short) }
}
