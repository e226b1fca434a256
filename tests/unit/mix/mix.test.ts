import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { InputError } from '#core/errors'
import { compareSchools, judgeRatio, mixPlan } from '#core/mix/mixPlan'
import type { MixAsk } from '#core/mix/mixPlan'
import { calc, refusal } from '../../calc'
import { entry, file } from '../job/file'

describe('mixing', () => {
  it('doses a can, by fuel and by what it holds', () => {
    expect(calc('mix_oil', { fuel_ml: 3500, ratio: 32 }).oil_ml).toBeCloseTo(109.375, 9)
    expect(calc('mix_for_total', { total_ml: 5100, ratio: 50 })).toEqual({ oil_ml: 100, fuel_ml: 5000 })
    expect(calc('pct_to_ratio', { pct: 2 }).ratio).toBe(50)
    expect(calc('pct_to_ratio', { pct: 2, basis: 'mix' }).ratio).toBe(49)
    expect(calc('mix_ratio', { fuel_ml: 5000, oil_ml: 0 })).toEqual({
      ratio: null,
      oil_pct_of_fuel: 0,
      oil_pct_of_mix: 0,
      status: 'no_oil',
    })
  })

  it('puts a can right by the smallest addition', () => {
    expect(calc('mix_correct', { fuel_ml: 6000, oil_ml: 100, target_ratio: 40, capacity_ml: 7000 })).toMatchObject({
      action: 'add_oil',
      add_ml: 50,
    })
    expect(calc('mix_correct', { fuel_ml: 4000, oil_ml: 200, target_ratio: 40, capacity_ml: 9000 })).toMatchObject({
      action: 'add_fuel',
      add_ml: 4000,
      final_total_ml: 8200,
    })
    expect(calc('mix_correct', { fuel_ml: 5000, oil_ml: 99, target_ratio: 50, capacity_ml: 9000 }).action).toBe('none')
    expect(calc('mix_correct', { fuel_ml: 0, oil_ml: 100, target_ratio: 50, capacity_ml: 9000 })).toMatchObject({
      action: 'add_fuel',
      add_ml: 5000,
    })
    expect(refusal('mix_correct', { fuel_ml: 0, oil_ml: 0, target_ratio: 50, capacity_ml: 9000 })).toBe(
      'inconsistent fuel_ml',
    )
  })

  it('whatever is poured off and in, the ratio holds and the can does not run over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 9000, noNaN: true }),
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.double({ min: 8, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (fuel, oil, ratio, room) => {
          const capacity = fuel + oil + room
          const { action, add_ml, drain_ml, final_total_ml, final_ratio } = calc('mix_correct', {
            fuel_ml: fuel,
            oil_ml: oil,
            target_ratio: ratio,
            capacity_ml: capacity,
          })
          if (action === 'none') return
          const keep = 1 - drain_ml / (fuel + oil)
          const [f, o] = action.endsWith('fuel')
            ? [fuel * keep + add_ml, oil * keep]
            : [fuel * keep, oil * keep + add_ml]
          expect(f / o).toBeCloseTo(ratio, 5)
          expect(final_ratio).toBe(ratio)
          expect(f + o).toBeCloseTo(final_total_ml, 5)
          expect(final_total_ml).toBeLessThanOrEqual(capacity + 1e-6)
        },
      ),
    )
  })

  it('blends a remainder, and adds no oil to a rich one', () => {
    // 510 mL at 50:1 is 10 oil and 500 fuel; 1500 fresh to 40:1: 2000/40 − 10 = 40
    expect(
      calc('mix_blend', { remainder_ml: 510, remainder_ratio: 50, fresh_fuel_ml: 1500, target_ratio: 40 }),
    ).toEqual({ oil_add_ml: 40, final_ratio: 40, status: 'ok', extra_fuel_ml: 0, total_ml: 2050 })
    // 210 mL at 20:1 is 10 oil; 100 fresh makes 30:1; 50:1 would need 200 more
    expect(calc('mix_blend', { remainder_ml: 210, remainder_ratio: 20, fresh_fuel_ml: 100, target_ratio: 50 })).toEqual(
      { oil_add_ml: 0, final_ratio: 30, status: 'too_rich', extra_fuel_ml: 200, total_ml: 310 },
    )
    expect(calc('mix_blend', { remainder_ml: 1000, fresh_fuel_ml: 0, target_ratio: 50 }).oil_add_ml).toBe(20)
    expect(refusal('mix_blend', { remainder_ml: 0, fresh_fuel_ml: 0, target_ratio: 50 })).toBe(
      'inconsistent fresh_fuel_ml',
    )
  })

  it('steps richer once for each reason, twice at most, never under the floor', () => {
    const step = (base_ratio: number, reasons: string[], floor_ratio?: number) =>
      calc('mix_step_richer', { base_ratio, reasons, floor_ratio })
    expect(step(50, [])).toEqual({ ratio: 50, status: 'unchanged' })
    expect(step(50, ['break_in', 'break_in'])).toEqual({ ratio: 40, status: 'ok' })
    expect(step(45, ['break_in', 'hard_use', 'hot_weather'])).toEqual({ ratio: 32, status: 'ok' })
    expect(step(25, ['break_in', 'hard_use'], 20)).toEqual({ ratio: 20, status: 'at_floor' })
    expect(step(16, ['break_in'])).toEqual({ ratio: 16, status: 'at_floor' })
  })

  it('judges a pump by a tank, its measuring doubt counted', () => {
    const pump = (oil_used_ml: number, u = 0) =>
      calc('mix_injection', { oil_used_ml, fuel_used_ml: 4000, ratio_lo: 30, ratio_hi: 60, u_oil_ml: u }).status
    expect([pump(100), pump(50), pump(200), pump(0), pump(70, 5)]).toEqual([
      'ok',
      'too_little_oil',
      'too_much_oil',
      'no_oil_used',
      'doubtful',
    ])
  })

  it('a heavier mix also flows less: leaner still in density mode', () => {
    const shift = (mode: string) => calc('mix_lean_shift', { ratio_from: 50, ratio_to: 25, mode }).afr_change_pct
    expect(shift('density')).toBeGreaterThan(shift('volume'))
    expect(calc('mix_lean_shift', { ratio_from: 25, ratio_to: 50 }).afr_change_pct).toBeLessThan(0)
  })

  it('fuel ages by its kind, and water parts from it in the cold', () => {
    const age = (days: number, fuel_type: string, stabilised = false) =>
      calc('fuel_age', { days, fuel_type, stabilised }).state
    expect([
      age(30, 'e10'),
      age(31, 'e10'),
      age(61, 'e10'),
      age(61, 'e10', true),
      age(100, 'e0'),
      age(800, 'alkylate'),
    ]).toEqual(['fresh', 'use_soon', 'discard', 'fresh', 'use_soon', 'use_soon'])
    expect(calc('fuel_water', { ethanol_pct: 10, temp_c: 15, water_ml: 25, fuel_ml: 5000 })).toEqual({
      tolerance_pct: 0.5,
      water_pct: 0.5,
      separates: false,
    })
    expect(calc('fuel_water', { ethanol_pct: 10, temp_c: -15, water_ml: 25, fuel_ml: 5000 }).separates).toBe(true)
    expect(calc('fuel_water', { ethanol_pct: 0, temp_c: 15, water_ml: 1, fuel_ml: 5000 }).separates).toBe(true)
  })
})

describe('the plan for a can', () => {
  const show = (ml: number) => `${Math.round(ml)} mL`
  const right = (fuelMl: number, oilMl: number, canMl: number, wantedRatio = 40): MixAsk => ({
    task: 'right',
    makerRatio: 40,
    wantedRatio,
    fuelMl,
    oilMl,
    canMl,
  })
  it('says what to pour, whether it fits, and what to look at after a lean can', () => {
    const plan = mixPlan(right(3600, 60, 3700), show)
    expect(plan).toMatchObject({ mark: 'past', pourMl: 30, pourOf: 'oil', ratioNow: 60 })
    expect(plan.steps.join(' ')).toContain('10 mL of room is left')
    expect(plan.steps.join(' ')).toContain('the mains and the big end')
    expect(mixPlan(right(3000, 50, 3050), show).steps[0]).toContain('pour 25 mL off into a can of its own')
    expect(mixPlan(right(4000, 100, 5000), show)).toMatchObject({ mark: 'good', pourMl: null })
  })

  it('refuses less oil than the maker asks for, with the reason, and a can that would run over', () => {
    expect(() => mixPlan(right(3600, 60, 3700, 50), show)).toThrow(InputError)
    expect(() => mixPlan(right(3600, 60, 3700, 50), show)).toThrow("has less oil than the maker's 40 : 1")
    expect(() =>
      mixPlan(
        {
          task: 'blend',
          makerRatio: 50,
          wantedRatio: 50,
          remainderMl: 2000,
          remainderRatio: 50,
          freshFuelMl: 3500,
          canMl: 5000,
        },
        show,
      ),
    ).toThrow('570 mL less fuel')
  })

  it('makes and blends', () => {
    expect(mixPlan({ task: 'make', makerRatio: 50, wantedRatio: 50, totalMl: 5100 }, show)).toMatchObject({
      pourMl: 100,
      pourOf: 'oil',
      headline: '100 mL of oil in 5000 mL of fuel',
    })
    expect(
      mixPlan(
        {
          task: 'blend',
          makerRatio: 50,
          wantedRatio: 50,
          remainderMl: 210,
          remainderRatio: 20,
          freshFuelMl: 100,
          canMl: 5000,
        },
        show,
      ),
    ).toMatchObject({ mark: 'near', pourOf: 'fuel', pourMl: 200 })
  })

  it("a ratio on either side of the maker's", () => {
    expect(judgeRatio(51, 50)).toMatchObject({ mark: 'good', tooLean: false })
    expect(judgeRatio(51.1, 50)).toMatchObject({ mark: 'past', tooLean: true })
    expect(judgeRatio(40, 50).words).toContain('A step richer')
    expect(judgeRatio(25, 50).mark).toBe('near')
    expect(judgeRatio(null, 50).tooLean).toBe(true)
  })

  it('a year of both schools side by side', () => {
    const { maker, richer, morePerYear } = compareSchools({
      makerRatio: 40,
      richerRatio: 32,
      fuelLPerYear: 320,
      oilPerL: 10,
      plugPrice: 5,
      plugsPerYear: 2,
    })
    expect([maker.oilL, richer.oilL, maker.money, richer.money, morePerYear]).toEqual([8, 10, 90, 115, 25])
  })
})

describe('a can on a job', () => {
  const mix = (oilMl: number, more = {}) =>
    entry(
      'mix',
      {
        fuel: { value: 5, unit: 'L' },
        oil: { value: oilMl, unit: 'mL' },
        makerRatio: 50,
        fuelType: null,
        fuelDays: null,
        stabilised: false,
        note: null,
        ...more,
      },
      { how: 'claimed' },
    )
  const two = { facts: { cycle: 'two', oiling: 'premix', oilShows: 'none', engineClass: 'H2' } as const, spec: [] }
  it('too lean is a stop until a later can is right', () => {
    // told, it is asked after; made up again or measured here, it stops
    expect(assess(file([mix(60)], two)).asked.map(s => s.id)).toEqual(['mix_lean'])
    expect(assess(file([{ ...mix(60), how: 'measured' }], two)).stops.map(s => s.id)).toEqual(['mix_lean'])
    expect(
      assess(
        file(
          [
            { ...mix(60), how: 'measured' },
            { ...mix(100), how: 'measured' },
          ],
          two,
        ),
      ).stops,
    ).toEqual([])
    expect(assess(file([mix(60), mix(100)], two)).stops).toEqual([])
    expect(assess(file([mix(0)], two)).newest.mix).toMatchObject({ ratio: null, tooLean: true })
  })
  it('old fuel spoils a right mix', () => {
    expect(assess(file([mix(100, { fuelType: 'e10', fuelDays: 90 })], two)).newest.mix?.mark).toBe('past')
    expect(assess(file([mix(100, { fuelType: 'e10', fuelDays: 90, stabilised: true })], two)).newest.mix?.mark).toBe(
      'good',
    )
  })
})
