/** A figure held between two ends. */
export const clamp = (x: number, low = 0, high = 1): number => Math.min(high, Math.max(low, x))
