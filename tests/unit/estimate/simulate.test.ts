import { describe, expect, it } from 'vitest'
import { optionCost } from '#core/estimate/optionCost'
import type { SimOption } from '#core/estimate/simulate'
import { percentiles, quantiles, random, simulate } from '#core/estimate/simulate'
import { pertShape } from '#core/estimate/pert'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { line } from '../job/file'

const POLICY = { ...DEFAULT_POLICY, labourRateMinor: 5000 }
const mends = { valueAfter: 1000, salvage: 50, comeback: 0, success: 1, downtime: 0 }
const many = (n: number): SimOption => ({
  id: `o${n}`,
  mends,
  lines: Array.from({ length: 40 }, (_, i) =>
    line(
      i % 3 ? 'part' : 'labour',
      i % 3 ? 1000 * (i + 1) : 0.5,
      i % 3
        ? { low: 800 * (i + 1), high: 1500 * (i + 1), chance: i % 5 ? 1 : 0.4, text: `${n} ${i}` }
        : { low: 0.3, high: 1.2, text: `${n} ${i}` },
    ),
  ),
})

describe('the ways drawn against each other', () => {
  it('equals the convolution within its own error', () => {
    const way = many(1)
    const [drawn] = simulate([way], POLICY, 40_000)
    const exact = optionCost(way.lines, POLICY)
    const sd = Math.sqrt(exact.variance)
    // four standard errors of a mean, and of percentiles whose density is about that of a normal one
    expect(Math.abs((drawn?.mean ?? 0) - exact.mean)).toBeLessThan((4 * sd) / 200)
    for (const [got, q] of [
      [drawn?.p10, 0.1],
      [drawn?.p50, 0.5],
      [drawn?.p90, 0.9],
    ] as const)
      expect(Math.abs((got ?? 0) - exact.quantile(q))).toBeLessThan((4 * 1.8 * sd) / 200)
  })
  it('reads every shape off one family, to a thousandth of its width', () => {
    for (const likely of [0, 0.004, 0.13, 0.2727, 0.5, 0.81, 0.997, 1]) {
      const shape = pertShape({ a: 0, m: likely, b: 1 })
      const table = quantiles(likely)
      for (let i = 0; i <= 512; i += 16)
        expect(Math.abs((table[i] as number) - shape.quantile(i / 512)), `${likely} at ${i}`).toBeLessThan(1e-3)
    }
  })
  it('takes percentiles as a sorted list would give them', () => {
    const next = random(5)
    const values = Float64Array.from({ length: 997 }, () => next() ** 3 * 900 + (next() < 0.2 ? 500 : 0))
    const sorted = [...values].sort((a, b) => a - b)
    expect(percentiles(values, [0, 0.1, 0.5, 0.9, 1])).toEqual([0, 99, 498, 897, 996].map(i => sorted[i]))
    expect(percentiles(new Float64Array(20).fill(7), [0.1, 0.9])).toEqual([7, 7])
  })
  it('the same seed gives the same draws, another one others', () => {
    expect(simulate([many(1), many(2)], POLICY, 500)).toEqual(simulate([many(1), many(2)], POLICY, 500).map(x => x))
    expect(simulate([many(1)], POLICY, 500, 7)[0]?.mean).not.toBe(simulate([many(1)], POLICY, 500, 8)[0]?.mean)
    const a = random(1)
    const draws = Array.from({ length: 2000 }, a)
    expect(Math.abs(draws.reduce((x, y) => x + y, 0) / 2000 - 0.5)).toBeLessThan(0.03)
    expect(draws.every(x => x >= 0 && x < 1)).toBe(true)
  })
  it('counts its draws in steps of cost: none is lost, and they balance at the mean', () => {
    const [drawn] = simulate([many(1)], POLICY, 4000)
    const spread = drawn?.spread ?? []
    expect(spread.length).toBeGreaterThan(5)
    expect(spread.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9)
    const step = (spread[1]?.at ?? 0) - (spread[0]?.at ?? 0)
    expect(Math.abs(spread.reduce((sum, s) => sum + s.share * s.at, 0) - (drawn?.mean ?? 0))).toBeLessThan(step)
  })
  it('a line that stands in two ways is one fact: the dearer way never wins', () => {
    const shared = line('part', 50000, { text: 'Crank', low: 10000, high: 90000, chance: 0.5 })
    const [cheap, dear] = simulate(
      [
        { id: 'a', mends, lines: [shared] },
        { id: 'b', mends, lines: [shared, line('part', 100)] },
      ],
      POLICY,
      2000,
    )
    expect([cheap?.bestShare, dear?.bestShare]).toEqual([1, 0])
  })
  it('shares add up to one; a way that sells brings money, a failure costs its comeback', () => {
    const fails: SimOption = {
      id: 'a',
      lines: [],
      mends: { valueAfter: 1000, salvage: 50, comeback: 100, success: 0, downtime: 0 },
    }
    const sells: SimOption = { id: 'b', lines: [line('sale', 20000)], mends: null }
    const drawn = simulate([fails, sells], POLICY, 200)
    expect(drawn.map(d => d.bestShare)).toEqual([0, 1])
    expect(drawn.reduce((sum, d) => sum + d.bestShare, 0)).toBe(1)
  })
})
