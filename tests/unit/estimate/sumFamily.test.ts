import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CostTerm } from '#core/estimate/sumDistribution'
import { sumDistribution, sumFamily } from '#core/estimate/sumDistribution'

const chance = fc.oneof(fc.constant(1), fc.constant(0), fc.double({ min: 0.05, max: 0.95, noNaN: true }))
const term = fc
  .tuple(
    fc.double({ min: 1, max: 100, noNaN: true }),
    fc.double({ min: 0, max: 1, noNaN: true }),
    fc.oneof(fc.constant(0), fc.double({ min: 5, max: 80, noNaN: true })),
    chance,
  )
  .map(([a, t, width, p]): CostTerm => ({ a, m: a + t * width, b: a + width, chance: p }))
const POINTS = [0.1, 0.25, 0.5, 0.75, 0.9]

/** Alike as far as a grid can be: moments exactly, chances within a cell's worth. */
function alike(
  got: ReturnType<typeof sumDistribution>,
  wanted: ReturnType<typeof sumDistribution>,
  width: number,
): void {
  expect(got.mean).toBeCloseTo(wanted.mean, 6)
  expect(got.variance).toBeCloseTo(wanted.variance, 4)
  for (const q of POINTS) {
    const x = wanted.quantile(q)
    // where chance jumps, either side of the jump is right
    const [low, high] = [wanted.cdf(x - width / 300), wanted.cdf(x + width / 300)]
    expect(got.cdf(x)).toBeGreaterThanOrEqual(low - 0.01)
    expect(got.cdf(x)).toBeLessThanOrEqual(high + 0.01)
  }
}

describe('a sum without one of its lines', () => {
  it('is the sum of the others, and needed for sure is the sum with that line sure', () => {
    fc.assert(
      fc.property(
        fc.array(term, { minLength: 2, maxLength: 7 }),
        fc.array(term, { minLength: 0, maxLength: 2 }),
        (terms, together) => {
          const settings = { cells: 1024, together }
          const family = sumFamily(terms, settings)
          const width = [...terms, ...together].reduce((sum, t) => sum + t.b, 0)
          terms.forEach((_, k) => {
            alike(
              family.without(k),
              sumDistribution(
                terms.filter((_, i) => i !== k),
                settings,
              ),
              width,
            )
            alike(
              family.needed(k),
              sumDistribution(
                terms.map((t, i) => (i === k ? { ...t, chance: 1 } : t)),
                settings,
              ),
              width,
            )
          })
          together.forEach((_, k) =>
            alike(
              family.withoutTogether(k),
              sumDistribution(terms, { cells: 1024, together: together.filter((_, i) => i !== k) }),
              width,
            ),
          )
        },
      ),
      { numRuns: 60 },
    )
  })
  it('holds with more on-or-off amounts than are kept exactly', () => {
    const terms = Array.from({ length: 15 }, (_, i): CostTerm => ({
      a: 10 + i,
      m: 10 + i,
      b: 10 + i,
      chance: 0.3 + i / 40,
    }))
    const family = sumFamily(terms, { cells: 1024 })
    for (const k of [0, 10, 11, 14])
      alike(
        family.without(k),
        sumDistribution(
          terms.filter((_, i) => i !== k),
          { cells: 4096 },
        ),
        250,
      )
  })
  it('is nothing where it was the only one', () => {
    const only = sumFamily([{ a: 5, m: 6, b: 9, chance: 0.5 }])
    expect([only.without(0).mean, only.without(0).quantile(0.9), only.without(0).cdf(0)]).toEqual([0, 0, 1])
  })
})
