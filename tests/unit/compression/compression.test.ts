import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { calc, refusal } from '../../calc'

describe('readings made comparable', () => {
  it('follows the standard atmosphere up the hill', () => {
    expect(calc('ambient_pressure', { altitude_m: 0 }).p_kpa).toBe(101.325)
    expect(calc('ambient_pressure', { altitude_m: 1524 }).p_kpa).toBeCloseTo(84.31, 2)
    expect(calc('comp_to_standard', { p_gauge_kpa: 800, altitude_m: 1000, p_amb_kpa: 101.325 }).p_std_kpa).toBe(800)
  })

  it('reproduces a printed altitude table in density mode', () => {
    const isa = 15 - 0.0065 * 1524
    expect(
      1 / calc('comp_to_standard', { p_gauge_kpa: 700, altitude_m: 1524, temp_c: isa, mode: 'density' }).factor,
    ).toBeCloseTo(0.8617, 4)
  })

  it('counts compression from where the cylinder closes', () => {
    expect(calc('dynamic_cr', { static_cr: 10, stroke_mm: 60, rod_mm: 110, ivc_abdc_deg: 0 }).dcr).toBeCloseTo(10, 12)
    expect(calc('trapped_cr', { full_cr: 12, stroke_mm: 54, port_from_tdc_mm: 27 })).toEqual({
      eff_stroke_mm: 27,
      tcr: 6.5,
    })
    expect(refusal('dynamic_cr', { static_cr: 10, stroke_mm: 60, rod_mm: 30, ivc_abdc_deg: 50 })).toBe(
      'inconsistent rod_mm',
    )
    expect(refusal('trapped_cr', { full_cr: 12, stroke_mm: 54, port_from_tdc_mm: 55 })).toBe(
      'inconsistent port_from_tdc_mm',
    )
    expect(refusal('trapped_cr', { full_cr: 12, stroke_mm: 54, rod_mm: 110 })).toBe('missing exhaust_duration_deg')
  })

  it('a leak reads lower on a slow pull than on a fast one, and no leak follows the polytrope', () => {
    const engine = { bore_mm: 65, stroke_mm: 50, rod_mm: 85, static_cr: 8, close_abdc_deg: 0 }
    const tight = calc('cranking_leak_sim', { ...engine, rpm: 400 })
    expect(tight.p_gauge_kpa).toBeCloseTo(calc('expected_cranking', { eff_cr: 8 }).p_gauge_kpa, 6)
    expect(tight.mass_left_pct).toBe(100)
    const slow = calc('cranking_leak_sim', { ...engine, rpm: 200, leak_mm2: 1 }).p_gauge_kpa
    const fast = calc('cranking_leak_sim', { ...engine, rpm: 800, leak_mm2: 1 }).p_gauge_kpa
    expect(slow).toBeLessThan(fast)
    expect(fast).toBeLessThan(tight.p_gauge_kpa)
  })

  it('takes the hose out and counts the pulls', () => {
    expect(calc('hose_correct', { p_gauge_kpa: 700, swept_eff_ml: 30, clearance_ml: 5, hose_ml: 0 })).toEqual({
      factor_abs: 1,
      p_gauge_corr_kpa: 700,
    })
    // peak 900, around 101.325, half of the rest is gained at each pull: 500.7, 700.3, 800.2, 850.1, 875.0, 887.5, 893.8
    expect(calc('gauge_strokes', { clearance_ml: 10, downstream_ml: 10, p_peak_abs_kpa: 900 }).strokes).toBe(7)
    expect(calc('gauge_strokes', { clearance_ml: 10, downstream_ml: 0, p_peak_abs_kpa: 900 }).strokes).toBe(1)
    expect(calc('gauge_strokes', { clearance_ml: 10, downstream_ml: 5, p_peak_abs_kpa: 102, frac: 0.9 }).strokes).toBe(
      0,
    )
    expect(refusal('gauge_strokes', { clearance_ml: 10, downstream_ml: 5, p_peak_abs_kpa: 100 })).toBe(
      'inconsistent p_peak_abs_kpa',
    )
  })
})

describe('the verdict', () => {
  it('a working release can only be compared with a figure for that state', () => {
    expect(calc('comp_verdict', { p_std_kpa: 450, limit_kpa: 550, auto_release: true })).toEqual({
      status: 'not_comparable',
      limit_used_kpa: null,
    })
    expect(calc('comp_verdict', { p_std_kpa: 450, auto_release: true, with_release_limit_kpa: 400 })).toEqual({
      status: 'pass',
      limit_used_kpa: 400,
    })
    expect(
      calc('comp_verdict', { p_std_kpa: 450, limit_kpa: 550, auto_release: true, release_disabled: true }).status,
    ).toBe('fail')
  })

  it('a reading equal to its limit passes, and an expected figure never condemns', () => {
    expect(calc('comp_verdict', { p_std_kpa: 550, limit_kpa: 550 }).status).toBe('pass')
    expect(calc('comp_verdict', { p_std_kpa: 749, expected_kpa: 1000 })).toEqual({
      status: 'below_expected',
      limit_used_kpa: 750,
    })
    expect(refusal('comp_verdict', { p_std_kpa: 500 })).toBe('missing limit_kpa')
    expect(refusal('comp_verdict', { p_std_kpa: 500, limit_kpa: 1, auto_release: 'yes' })).toBe(
      'bad_choice auto_release',
    )
  })

  it('oil that seals points at the rings, oil that changes nothing at the top end', () => {
    const rings = calc('wet_dry', { dry_kpa: 400, wet_kpa: 540 })
    expect(rings.rise_pct).toBeCloseTo(35, 9)
    expect(rings.status).toBe('rings')
    expect(calc('wet_dry', { dry_kpa: 500, wet_kpa: 510 }).status).toBe('top_end')
    expect(calc('wet_dry', { dry_kpa: 500, wet_kpa: 450 })).toEqual({
      rise_pct: expect.closeTo(-10, 9),
      status: 'repeat_test',
    })
    expect(calc('wet_dry', { dry_kpa: 0, wet_kpa: 90 })).toEqual({ rise_pct: null, status: 'no_compression' })
    expect(calc('wet_dry', { dry_kpa: 900, wet_kpa: 920, verdict: 'pass' }).status).toBe('no_fault_shown')
  })

  it('a lot of oil fills the clearance by itself: that rise is taken out', () => {
    const { oil_volume_factor, rise_pct } = calc('wet_dry', {
      dry_kpa: 500,
      wet_kpa: 610,
      oil_ml: 3,
      clearance_ml: 20,
      swept_eff_ml: 140,
    })
    expect(oil_volume_factor).toBeGreaterThan(1.15)
    expect(rise_pct).toBeLessThan(5)
    expect(refusal('wet_dry', { dry_kpa: 500, wet_kpa: 610, oil_ml: 10, clearance_ml: 20, swept_eff_ml: 140 })).toBe(
      'out_of_range oil_ml',
    )
  })

  it('shares add up to one, and past a rise of 8 % a bigger one never speaks less for the rings', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 1500, noNaN: true }),
        fc.double({ min: 0.08, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (dry, r, more) => {
          const shares = (rise: number) => calc('wet_dry', { dry_kpa: dry, wet_kpa: dry * (1 + rise) }).posterior
          const [small, large] = [shares(r), shares(r + more)]
          expect(small.rings + small.top_end + small.both).toBeCloseTo(1, 9)
          expect(large.rings).toBeGreaterThanOrEqual(small.rings - 1e-9)
        },
      ),
    )
  })

  it('two low neighbours point at the gasket between them', () => {
    expect(calc('cyl_spread', { readings_kpa: [900, 500, 520, 910] })).toMatchObject({
      state: 'fail',
      adjacent_low: [[2, 3]],
      lowest: 2,
    })
    expect(calc('cyl_spread', { readings_kpa: [900, 500] }).adjacent_low).toEqual([])
    expect(calc('cyl_spread', { readings_kpa: [1000, 900] })).toMatchObject({ spread_pct: 10, state: 'ok' })
    expect(refusal('cyl_spread', { readings_kpa: [0, 0] })).toBe('inconsistent readings_kpa')
  })

  it('draws the line to the limit', () => {
    const falling = calc('comp_trend', { hours: [0, 100, 200], p_std_kpa: [1000, 950, 900], limit_kpa: 800 })
    expect(falling).toEqual({ slope_kpa_per_100h: -50, fit_now_kpa: 900, hours_to_limit: 200, slope_significant: null })
    expect(calc('comp_trend', { hours: [0, 100], p_std_kpa: [900, 950], limit_kpa: 800 }).hours_to_limit).toBeNull()
    expect(calc('comp_trend', { hours: [0, 100], p_std_kpa: [900, 700], limit_kpa: 800 }).hours_to_limit).toBe(0)
    expect(
      calc('comp_trend', { hours: [0, 10, 20, 30, 40, 50], p_std_kpa: [1000, 990, 981, 969, 960, 951], limit_kpa: 800 })
        .slope_significant,
    ).toBe(true)
    expect(refusal('comp_trend', { hours: [5, 5], p_std_kpa: [1, 2], limit_kpa: 800 })).toBe('inconsistent hours')
    expect(refusal('comp_trend', { hours: [5, 6, 7], p_std_kpa: [1, 2], limit_kpa: 800 })).toBe('inconsistent hours')
  })
})
