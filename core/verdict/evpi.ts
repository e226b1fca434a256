import { InputError, TIE } from '../errors'
import { pertShape } from '../estimate/pert'
import type { NetLine } from './crossover'
import { envelope } from './crossover'

export type Uncertain =
  { type: 'discrete'; values: [x: number, p: number][] } | { type: 'pert'; a: number; m: number; b: number }

/**
 * What knowing one uncertain price beforehand is worth: expected value of perfect information. An upper bound, since a
 * look that is only partly sure is worth less.
 * @param infoCost what the look costs (the extra hour of teardown)
 * @throws InputError `inconsistent` when the chances do not add up to 1
 */
export function evpi({ options, dist, infoCost }: { options: NetLine[]; dist: Uncertain; infoCost: number }) {
  const { mean, expectedBest } = dist.type === 'discrete' ? discrete(options, dist.values) : spread(options, dist)
  const now = options.map(o => ({ name: o.name, value: o.net0 - o.k * mean }))
  const best = now.reduce((a, b) => (b.value > a.value + TIE ? b : a))
  const worth = Math.max(0, expectedBest - best.value)
  return {
    bestNow: best.name,
    evNow: best.value,
    evPerfect: best.value + worth,
    evpi: worth,
    worthLooking: worth > infoCost + TIE,
  }
}

const bestAt = (options: NetLine[], x: number): number => Math.max(...options.map(o => o.net0 - o.k * x))

function discrete(options: NetLine[], values: [number, number][]): { mean: number; expectedBest: number } {
  const total = values.reduce((sum, [, p]) => sum + p, 0)
  if (Math.abs(total - 1) > 1e-6)
    throw new InputError('inconsistent', 'dist.values', `The chances add up to ${total}; they must add up to 1.`)
  return {
    mean: values.reduce((sum, [x, p]) => sum + p * x, 0),
    expectedBest: values.reduce((sum, [x, p]) => sum + p * bestAt(options, x), 0),
  }
}

/** Exact: the best line between two flips, integrated with the partial mean of the distribution. */
function spread(
  options: NetLine[],
  { a, m, b }: { a: number; m: number; b: number },
): { mean: number; expectedBest: number } {
  const shape = pertShape({ a, m, b }, 4, 'dist.m')
  if (b - a <= TIE) return { mean: shape.mean, expectedBest: bestAt(options, shape.mean) }
  const stretches = envelope(options, a, b)
  const expectedBest = stretches.reduce((sum, { from, line }, i) => {
    const to = stretches[i + 1]?.from ?? b
    const chance = shape.cdf(to) - shape.cdf(from)
    const part = shape.partialMean(to) - shape.partialMean(from)
    return sum + line.net0 * chance - line.k * part
  }, 0)
  return { mean: shape.mean, expectedBest }
}
