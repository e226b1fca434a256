import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { betaIncomplete } from '#core/estimate/betaIncomplete'
import { pertShape } from '#core/estimate/pert'
import { sumDistribution } from '#core/estimate/sumDistribution'
import { moneyText, toMinor } from '#core/units/money'
import { calc, refusal } from '../../calc'

describe('incomplete beta', () => {
  it('matches cases that can be integrated by hand', () => {
    expect(betaIncomplete(0.3, 1, 1)).toBeCloseTo(0.3, 14)
    expect(betaIncomplete(0.3, 2, 1)).toBeCloseTo(0.09, 14)
    expect(betaIncomplete(0.5, 4, 4)).toBeCloseTo(0.5, 14)
    expect(betaIncomplete(0.25, 2, 3)).toBeCloseTo(6 * 0.25 ** 2 - 8 * 0.25 ** 3 + 3 * 0.25 ** 4, 13)
  })
})

describe('PERT', () => {
  it('a constant has no spread, and the order must hold', () => {
    expect(calc('pert', { a: 5, m: 5, b: 5 })).toEqual({
      mean: 5,
      var: 0,
      alpha: null,
      beta: null,
      p10: 5,
      p50: 5,
      p90: 5,
      var_classic: 0,
    })
    expect(refusal('pert', { a: 5, m: 4, b: 6 })).toBe('inconsistent m')
    expect(refusal('pert', { a: 5, m: 4, b: 'x' })).toBe('not_a_number b')
    expect(calc('pert', { a: 0, m: 5, b: 10, lam: 0 }).p10).toBeCloseTo(1, 9)
  })

  it('quantile undoes distribution, partial mean reaches the mean', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 50, noNaN: true }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (a, t, w, q) => {
          const shape = pertShape({ a, m: a + t * w, b: a + w })
          expect(shape.cdf(shape.quantile(q))).toBeCloseTo(q, 8)
          expect(shape.partialMean(a + w)).toBeCloseTo(shape.mean, 9)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('cost distribution', () => {
  it('on-or-off lines are counted exactly', () => {
    // contingency of 40 at 25 % and 120 at 50 %: 70 expected, 0 to 160
    const found = calc('cost_distribution', {
      rate_per_h: 0,
      parts: [
        { price: 40, p: 0.25 },
        { price: 120, p: 0.5 },
      ],
      cap: 120,
    })
    expect(found.mean).toBe(70)
    expect(found.sd).toBeCloseTo(Math.sqrt(0.25 * 1600 - 100 + 0.5 * 14400 - 3600), 9)
    expect([found.p10, found.p50, found.p90]).toEqual([0, 40, 160])
    expect(found.p_within_cap).toBeCloseTo(0.875, 12)
  })

  it('one line alone keeps its own percentiles', () => {
    const line = { a: 2, m: 3, b: 8 }
    const alone = calc('pert', line)
    const summed = calc('cost_distribution', { labour: [line], rate_per_h: 10, fixed: 7, tax_pct: 20 })
    expect(summed.p90).toBeCloseTo((alone.p90 * 10 + 7) * 1.2, 2)
    expect(summed.sd).toBeCloseTo(Math.sqrt(alone.var) * 12, 9)
  })

  it('agrees with plain sampling', () => {
    const terms = [
      { chance: 1, a: 100, m: 140, b: 260 },
      { chance: 0.4, a: 200, m: 245, b: 300 },
      { chance: 0.35, a: 20, m: 50, b: 120 },
      { chance: 1, a: 41, m: 41, b: 41 },
    ]
    const shapes = terms.map(t => pertShape(t))
    let state = 12345
    const random = () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648
    const draws = Array.from({ length: 20000 }, () =>
      terms.reduce((sum, t, i) => (random() < t.chance ? sum + shapes[i]!.quantile(random()) : sum), 0),
    ).sort((a, b) => a - b)
    const exact = sumDistribution(terms)
    for (const q of [0.1, 0.5, 0.9])
      expect(Math.abs(exact.quantile(q) / draws[Math.floor(q * draws.length)]! - 1)).toBeLessThan(0.015)
    expect(exact.mean).toBeCloseTo(41 + shapes[0]!.mean + 0.4 * shapes[1]!.mean + 0.35 * shapes[2]!.mean, 9)
  }, 20000)

  it('two equal lines that move together double the spread instead of widening it by the root', () => {
    const line = { a: 1, m: 2, b: 5 }
    const one = Math.sqrt(calc('pert', line).var)
    const both = { labour: [line, line], rate_per_h: 1 }
    expect(calc('cost_distribution', both).sd).toBeCloseTo(one * Math.SQRT2, 9)
    const together = calc('cost_distribution', { ...both, labour_corr: 'full' })
    expect(together.sd).toBeCloseTo(one * 2, 3)
    expect(together.p90).toBeCloseTo(2 * calc('pert', line).p90, 2)
  })

  it('never goes down as the chance asked for goes up', () => {
    const spread = fc.tuple(
      fc.double({ min: 0, max: 50, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 90, noNaN: true }),
      fc.double({ min: 0.05, max: 1, noNaN: true }),
    )
    fc.assert(
      fc.property(fc.array(spread, { minLength: 1, maxLength: 6 }), lines => {
        const sum = sumDistribution(
          lines.map(([a, t, w, chance]) => ({ chance, a, m: a + t * w, b: a + w })),
          { cells: 512 },
        )
        const qs = [0.05, 0.3, 0.6, 0.95].map(sum.quantile)
        expect([...qs].sort((x, y) => x - y)).toEqual(qs)
        expect(sum.cdf(qs[3]! + 1e-6)).toBeGreaterThanOrEqual(0.949)
      }),
      { numRuns: 60 },
    )
  })

  it('two sums a hair apart are kept apart', () => {
    const sum = sumDistribution(
      [
        [10.0000854, 0.1616],
        [0.000001, 0.3156],
      ].map(([a, chance]) => ({ chance: chance!, a: a!, m: a!, b: a! })),
    )
    for (const q of [0.6, 0.9, 0.95, 0.99]) expect(sum.cdf(sum.quantile(q))).toBeGreaterThanOrEqual(q - 1e-9)
  })

  it('names the line that is wrong', () => {
    expect(refusal('cost_distribution', { rate_per_h: 50, risks: [{ p: 1.2, hours: 1 }] })).toBe(
      'out_of_range risks[0].p',
    )
    expect(refusal('cost_distribution', { rate_per_h: 50, parts: [{ price: 5 }, { p: 0.5 }] })).toBe(
      'missing parts[1].price',
    )
    expect(refusal('cost_distribution', { rate_per_h: 50, parts: [{ a: 5, m: 6 }] })).toBe('missing parts[0].b')
    expect(refusal('cost_distribution', { rate_per_h: 50, parts: [{ price: 5, a: 1, m: 2, b: 3 }] })).toBe(
      'inconsistent parts[0].price',
    )
    expect(refusal('cost_distribution', { rate_per_h: 50, labour: [{ a: 3, m: 2, b: 8 }] })).toBe(
      'inconsistent labour[0]',
    )
  })
})

describe('money', () => {
  it("shows estimates whole and bills exactly, by the currency's own decimals", () => {
    expect(moneyText(1360.4, 'EUR')).toBe('€1,360')
    expect(moneyText(79.5, 'GBP', true)).toBe('£79.50')
    expect(toMinor(79.5, 'EUR')).toBe(7950)
    expect(toMinor(8000, 'JPY')).toBe(8000)
    expect(moneyText(-0.2, 'EUR')).toBe('€0')
  })
})
