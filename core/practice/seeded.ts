import { roundHalfAway } from '../units/unitRound'

/** Numbers that follow from a key alone: the same bits on every machine, no clock and no dice. */

/** FNV-1a, 32 bit, of an ASCII key. */
export function fnv1a(key: string): number {
  let h = 0x811c9dc5
  for (let i = 0; i < key.length; i++) h = Math.imul(h ^ key.charCodeAt(i), 0x01000193)
  return h >>> 0
}

/** Draws of one key, each in 0..1. */
export function draws(key: string, count: number): number[] {
  let a = fnv1a(key)
  return Array.from({ length: count }, () => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32
  })
}

/** Evenly spread, 0..1. */
export const uni = (...parts: (string | number)[]): number => draws(parts.join('|'), 1)[0] ?? 0

/** Close to normal, mean 0 and spread 1: a sum of twelve draws, so that no logarithm is asked of any machine. */
export const normal = (...parts: (string | number)[]): number =>
  draws(parts.join('|'), 12).reduce((sum, d) => sum + d, 0) - 6

export const rnd = (x: number, decimals = 0): number => roundHalfAway(x, decimals)
