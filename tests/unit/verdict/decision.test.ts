import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { calc, refusal } from '../../calc'

describe('salvage', () => {
  it('parts out only where that beats selling it as it is, stripping counted', () => {
    expect(
      calc('salvage', {
        as_is: 70,
        parts_out: [
          { price: 90, p: 0.7 },
          { price: 45, p: 0.8 },
        ],
        strip_hours: 1,
        rate_per_h: 20,
        selling_fee_pct: 10,
        mass_kg: 30,
        scrap_per_kg: 0.2,
        haul: 2,
      }),
    ).toEqual({ as_is: 70, part_out: expect.closeTo(69.1, 9), scrap: 4, best: 'as_is', value: 70 })
    expect(calc('salvage', { as_is: 5, mass_kg: 30, scrap_per_kg: 0.2 })).toMatchObject({
      part_out: null,
      best: 'scrap',
      value: 6,
    })
    expect(calc('salvage', { as_is: 6, mass_kg: 30, scrap_per_kg: 0.2 }).best).toBe('as_is')
    expect(refusal('salvage', { as_is: -1 })).toBe('out_of_range as_is')
  })
})

describe('decide', () => {
  const rebuild = {
    name: 'rebuild',
    mean_cost: 600,
    p90: 760,
    value_after: 1300,
    p_success: 0.9,
    comeback_cost: 100,
    hours_ok: 400,
    hours_fail: 20,
  }
  const engine = { name: 'new engine', mean_cost: 700, p90: 730, value_after: 1300, p_success: 1, hours_ok: 700 }

  it('sell: the most money left over, chances counted', () => {
    const found = calc('decide', { options: [rebuild, engine], salvage_value: 150 })
    // 0.9·1300 + 0.1·150 − 600 − 0.1·100 = 575; 1300 − 700 = 600
    expect(found.options.map((o: { net: number }) => o.net)).toEqual([expect.closeTo(575, 9), 600])
    expect(found.best).toBe('new engine')
    expect(found.options[0]).toMatchObject({
      gain: expect.closeTo(425, 9),
      exp_hours: 362,
      cost_per_h: expect.closeTo(610 / 362, 9),
    })
  })

  it("the owner's cap is held against the P90, not against the mean", () => {
    expect(
      calc('decide', { options: [rebuild, engine], salvage_value: 150, cap: 730 }).options.map(
        (o: { allowed: boolean }) => o.allowed,
      ),
    ).toEqual([false, true])
    expect(calc('decide', { options: [rebuild, engine], salvage_value: 150, cap: 700 }).best).toBe('salvage')
    expect(refusal('decide', { options: [{ ...engine, p90: null }], salvage_value: 0, cap: 700 })).toBe(
      'missing options[0].p90',
    )
  })

  it('keep: the least cost for each hour, never compared with selling', () => {
    expect(calc('decide', { options: [rebuild, engine], salvage_value: 5000, goal: 'keep' }).best).toBe('new engine')
    expect(
      calc('decide', { options: [{ ...rebuild, hours_ok: 0, hours_fail: 0 }], salvage_value: 0, goal: 'keep' }).best,
    ).toBe('salvage')
    expect(
      calc('decide', {
        options: [
          { ...engine, name: 'a' },
          { ...engine, name: 'b' },
        ],
        salvage_value: 0,
      }).best,
    ).toBe('a')
  })

  it('mending must beat leaving it, not only equal it', () => {
    expect(calc('decide', { options: [{ ...engine, value_after: 850 }], salvage_value: 150 }).best).toBe('salvage')
    expect(refusal('decide', { options: [], salvage_value: 0 })).toBe('too_few options')
    expect(refusal('decide', { options: [{ ...engine, name: 7 }], salvage_value: 0 })).toBe(
      'bad_choice options[0].name',
    )
  })
})

describe('crossover', () => {
  it('names the price at which another option takes over', () => {
    const options = [
      { name: 'repair', net0: 500, k: 1 },
      { name: 'replace', net0: 250, k: 0 },
      { name: 'half', net0: 400, k: 0.4 },
    ]
    expect(calc('crossover', { options, hi: 1000 })).toEqual({
      best_at_lo: 'repair',
      flips: [
        { x: expect.closeTo(166.667, 3), from: 'repair', to: 'half' },
        { x: expect.closeTo(375, 9), from: 'half', to: 'replace' },
      ],
    })
    expect(refusal('crossover', { options, lo: 5, hi: 5 })).toBe('inconsistent hi')
    expect(refusal('crossover', { options: options.slice(0, 1), hi: 5 })).toBe('too_few options')
  })

  it('the envelope is the best option everywhere', () => {
    const line = fc.record({ net0: fc.integer({ min: -500, max: 500 }), k: fc.integer({ min: 0, max: 9 }) })
    fc.assert(
      fc.property(
        fc.array(line, { minLength: 2, maxLength: 6 }),
        fc.double({ min: 0.001, max: 99.9, noNaN: true }),
        (lines, x) => {
          const options = lines.map((l, i) => ({ ...l, name: String(i) }))
          const { best_at_lo, flips } = calc('crossover', { options, hi: 100 })
          const name = flips.filter((f: { x: number }) => f.x <= x).at(-1)?.to ?? best_at_lo
          const net = (o: { net0: number; k: number }) => o.net0 - o.k * x
          expect(net(options[Number(name)]!)).toBeCloseTo(Math.max(...options.map(net)), 5)
        },
      ),
    )
  })
})

describe('what knowing first is worth', () => {
  const options = [
    { name: 'repair', net0: 500, k: 1 },
    { name: 'replace', net0: 250, k: 0 },
  ]
  it('is nothing where no answer would change the choice', () => {
    expect(calc('evpi', { options, dist: { type: 'pert', a: 10, m: 20, b: 30 } })).toMatchObject({
      best_now: 'repair',
      evpi: expect.closeTo(0, 9),
      worth_looking: false,
    })
    expect(calc('evpi', { options, dist: { type: 'pert', a: 40, m: 40, b: 40 } }).ev_perfect).toBe(460)
  })

  it('integrates a spread exactly', () => {
    // uniform-like check: λ is 4, so compare with a fine sum over the same density
    const { evpi } = calc('evpi', { options, dist: { type: 'pert', a: 100, m: 250, b: 400 } })
    const density = (x: number) => ((x - 100) / 300) ** 2 * ((400 - x) / 300) ** 2
    const xs = Array.from({ length: 30000 }, (_, i) => 100 + (300 * (i + 0.5)) / 30000)
    const total = xs.reduce((s, x) => s + density(x), 0)
    const best = xs.reduce((s, x) => s + density(x) * Math.max(500 - x, 250), 0) / total
    expect(evpi).toBeCloseTo(best - 250, 4)
  })

  it('asks for chances that add up', () => {
    expect(
      refusal('evpi', {
        options,
        dist: {
          type: 'discrete',
          values: [
            [0, 0.5],
            [600, 0.4],
          ],
        },
      }),
    ).toBe('inconsistent dist.values')
    expect(refusal('evpi', { options, dist: { type: 'discrete' } })).toBe('missing dist.values')
    expect(refusal('evpi', { options, dist: { type: 'normal' } })).toBe('bad_choice dist.type')
  })
})
