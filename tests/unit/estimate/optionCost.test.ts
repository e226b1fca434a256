import { describe, expect, it } from 'vitest'
import { lineScale, lineTerm, optionCost, paperSum } from '#core/estimate/optionCost'
import { STARTERS } from '#core/estimate/starters'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { MENDING, WAYS } from '#core/words/deciding'
import type { Way } from '#core/words/deciding'
import { flipText } from '#core/verdict/verdict'
import { line } from '../job/file'

const POLICY = { ...DEFAULT_POLICY, labourRateMinor: 5000, taxPct: 20 }

describe('lines as money', () => {
  it('an hour costs the rate, a coin a coin, tax in; what sells bears none', () => {
    expect(lineScale(line('labour', 1), POLICY)).toBe(60)
    expect(lineScale(line('risk', 1), POLICY)).toBe(60)
    expect(lineScale(line('part', 1), POLICY)).toBeCloseTo(0.012, 12)
    expect(lineScale(line('sale', 1), POLICY)).toBe(0.01)
    expect(lineTerm(line('part', 1000, { low: 500, high: 2000, chance: 0.3 }), POLICY)).toEqual({
      chance: 0.3,
      a: 6,
      m: 12,
      b: 24,
    })
  })

  it('in a currency without small coins a price is whole', () => {
    expect(lineScale(line('part', 1), { ...POLICY, currency: 'JPY', taxPct: 0 })).toBe(1)
  })

  it('on paper: low counts what is sure, likely what to expect, high everything', () => {
    const lines = [
      line('part', 10000, { low: 8000, high: 15000 }),
      line('part', 20000, { chance: 0.5 }),
      line('labour', 2),
      line('sale', 99900),
    ]
    expect(paperSum(lines, { ...POLICY, taxPct: 0 })).toEqual({ low: 180, likely: 300, high: 450 })
  })

  it('the spread adds up in the mean, and runs wider when labour runs together', () => {
    const lines = [line('labour', 3, { low: 2, high: 6 }), line('labour', 3, { low: 2, high: 6 }), line('part', 10000)]
    const apart = optionCost(lines, POLICY)
    const together = optionCost(lines, { ...POLICY, labourTogether: true })
    // (2 + 4·3 + 6)/6 = 3 1/3 h each at 60, and 120 for the part
    expect(apart.mean).toBeCloseTo(400 + 120, 9)
    expect(together.mean).toBeCloseTo(apart.mean, 6)
    expect(together.quantile(0.9)).toBeGreaterThan(apart.quantile(0.9))
    expect(optionCost([], POLICY)).toMatchObject({ mean: 0, variance: 0 })
    expect(optionCost([], POLICY).quantile(0.9)).toBe(0)
  })

  it('forty lines still have a tenth, a half and nine tenths in order', () => {
    const lines = Array.from({ length: 40 }, (_, i) =>
      line('part', 1000 + i * 100, { low: 900, high: 9000, chance: i % 3 ? 1 : 0.4 }),
    )
    const cost = optionCost(lines, POLICY)
    const [p10, p50, p90] = [0.1, 0.5, 0.9].map(cost.quantile) as [number, number, number]
    expect(p10).toBeLessThan(p50)
    expect(p50).toBeLessThan(p90)
    expect(Math.abs(p50 / cost.mean - 1)).toBeLessThan(0.02)
    expect(cost.cdf(p90)).toBeCloseTo(0.9, 3)
  })
})

describe('what each way begins with', () => {
  it.each(Object.keys(WAYS) as Way[])('%s has lines in order and sane chances', way => {
    const { lines, successChance } = STARTERS[way]
    expect(lines.length).toBeGreaterThan(0)
    expect(successChance).toBeGreaterThan(0)
    expect(successChance).toBeLessThanOrEqual(1)
    for (const l of lines) {
      if (l.likely !== null) expect((l.low ?? 0) <= l.likely && l.likely <= (l.high ?? 0)).toBe(true)
      expect(l.type === 'sale').toBe(!MENDING.includes(way) && l.type === 'sale')
    }
  })
})

describe('a flip in words', () => {
  it('says the figure, where it stands now, what takes over and why', () => {
    const flip = {
      optionId: 'O',
      lineId: 'L',
      label: 'crankshaft',
      about: 'price' as const,
      unit: 'money' as const,
      now: 245,
      at: 127.5,
      direction: 'below' as const,
      from: 'A',
      to: 'B',
      because: 'net' as const,
      plausible: true,
    }
    expect(flipText(flip, POLICY)).toBe('Crankshaft: below €127.50 (now €245.00) it becomes ‘B’.')
    expect(flipText({ ...flip, unit: 'hours', at: 5.94, now: 6.5, because: 'cap' }, POLICY)).toBe(
      "Crankshaft: below 5.9 h (now 6.5 h) it becomes ‘B’, since it would pass the owner's cap.",
    )
    expect(
      flipText({ ...flip, unit: 'chance', at: 0.268, now: 0.4, direction: 'above', because: 'share' }, POLICY),
    ).toContain('above 27 % (now 40 %) it becomes ‘B’, since it would pass the share-of-value limit')
  })
})
