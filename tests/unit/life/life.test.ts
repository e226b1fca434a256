import { describe, expect, it } from 'vitest'
import { scaledUpperGamma } from '#core/life/gamma'
import { weibullFit, weibullRemaining } from '#core/life/weibull'
import { random } from '#core/estimate/simulate'
import { calc } from '../../calc'

describe('what is left of a life', () => {
  it('the scaled gamma function meets its own at both branches', () => {
    // Γ(1, x)·e^x = 1, Γ(2, x)·e^x = x + 1
    for (const x of [0, 0.1, 1.9, 2.1, 30]) {
      expect(scaledUpperGamma(1, x)).toBeCloseTo(1, 12)
      expect(scaledUpperGamma(2, x)).toBeCloseTo(x + 1, 10)
    }
  })
  it('an exponential life forgets its age; the mean is the integral of survival', () => {
    expect(weibullRemaining({ beta: 1, etaH: 200, nowH: 700, aheadH: 100 })).toMatchObject({
      meanRemainingH: expect.closeTo(200, 8),
      pSurviveAhead: expect.closeTo(Math.exp(-0.5), 12),
    })
    const at = { beta: 2.7, etaH: 900, nowH: 400 }
    let area = 0
    for (let x = 0.5; x < 4000; x++) area += weibullRemaining({ ...at, aheadH: x }).pSurviveAhead
    expect(weibullRemaining({ ...at, aheadH: 1 }).meanRemainingH).toBeCloseTo(area, 1)
  })
  it('finds shape and scale again from drawn lives, and leaving out entry hours biases life upward', () => {
    const next = random(5)
    const units = Array.from({ length: 4000 }, () => ({
      life: 1000 * (-Math.log(1 - next())) ** (1 / 2.5),
      entryH: 500 * next(),
    }))
      .filter(u => u.life > u.entryH)
      .map(u => ({ entryH: u.entryH, exitH: Math.min(u.life, 1100), failed: u.life <= 1100 }))
    const fit = weibullFit({ units, priorBeta: 2 })
    expect(fit.method).toBe('mle')
    expect(fit.beta).toBeCloseTo(2.5, 0)
    expect(fit.etaH / 1000).toBeCloseTo(1, 1)
    expect(weibullFit({ units: units.map(u => ({ ...u, entryH: 0 })), priorBeta: 2 }).etaH).toBeGreaterThan(fit.etaH)
  })
  it("with few failures the shape is the shop's prior; at one age too; at the end of the range it says so", () => {
    expect(
      weibullFit({
        units: [
          { entryH: 0, exitH: 10, failed: true },
          { entryH: 0, exitH: 20, failed: true },
        ],
        priorBeta: 3,
      }),
    ).toMatchObject({ beta: 3, method: 'fixed_beta', failures: 2 })
    expect(
      weibullFit({ units: [10, 10, 10].map(exitH => ({ entryH: 0, exitH, failed: true })), priorBeta: 2 }).method,
    ).toBe('fixed_beta')
    expect(
      weibullFit({ units: [100, 100.1, 100.2].map(exitH => ({ entryH: 0, exitH, failed: true })), priorBeta: 2 }),
    ).toMatchObject({ beta: 12, method: 'mle_at_bound' })
  })
  it('by condition or by the maker; a safety part by the smaller', () => {
    const at = (more: object) =>
      calc('life_decision', { hours: 100, maker_limit_h: 100, condition_left_h: 40, ...more })
    expect(at({})).toEqual({ left_h: 40, due: false, past_maker_limit: false })
    expect(at({ school: 'maker' })).toEqual({ left_h: 0, due: true, past_maker_limit: false })
    expect(at({ safety_part: true, hours: 120 })).toEqual({ left_h: 0, due: true, past_maker_limit: true })
    expect(calc('life_decision', { hours: 30, maker_limit_h: 100 }).left_h).toBe(70)
  })
  it('a date from use; none for a machine that stands still or lasts a hundred years', () => {
    const on = (left: number, last: number) =>
      calc('forecast_date', {
        today: '2030-01-01',
        left_h: left,
        usage: [
          ['2029-12-31', last],
          ['2029-12-01', 10],
        ],
      })
    expect(on(5, 10)).toEqual({ rate_h_per_day: 0, days: null, date: null })
    expect(on(100000, 11)).toMatchObject({ date: null })
    expect(on(3, 40)).toEqual({ rate_h_per_day: 1, days: 3, date: '2030-01-04' })
  })
})
