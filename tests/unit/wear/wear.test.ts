import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normalCdf } from '#core/wear/uncertainty'
import { calc, refusal } from '../../calc'

describe('temperature', () => {
  it('a hot piston in a cold barrel is the danger', () => {
    const clearance = (bore_temp_c: number, piston_temp_c: number) =>
      calc('hot_clearance', { bore20_mm: 52, piston20_mm: 51.955, bore_temp_c, piston_temp_c }).state
    expect([clearance(20, 20), clearance(110, 130), clearance(40, 150)]).toEqual([
      'clear',
      'skirt_flex',
      'seizure_risk',
    ])
    expect(calc('thermal_size', { size20_mm: 100, temp_c: 120, material: 'aluminium' }).size_mm).toBeCloseTo(100.22, 9)
  })
})

describe("a gauge's own doubt", () => {
  it('accepts, refuses or asks again, and knows a gauge too coarse for the job', () => {
    const at = (value: number, more = {}) => calc('guard_band', { value, upper: 52.06, U: 0.01, ...more }).state
    expect([at(52.05), at(52.055), at(52.065), at(52.07)]).toEqual(['accept', 'doubtful', 'doubtful', 'reject'])
    expect(at(52.06, { U: 0 })).toBe('accept')
    expect(at(52.0601, { g: 0 })).toBe('reject')
    expect(calc('guard_band', { value: 1, lower: 0.99, upper: 1.01, U: 0.01 }).state).toBe('gauge_unfit')
    expect(calc('guard_band', { value: 0.2, lower: 0.5, upper: 1.5, U: 0.1 }).state).toBe('reject')
  })

  it('counts size, expansion and a doubtful temperature', () => {
    expect(calc('uncertainty', { size_mm: 100, alpha_per_c: 20e-6, temp_u_c: 5 }).U_mm).toBeCloseTo(0.02, 12)
    expect(calc('uncertainty', {})).toEqual({ u_c_mm: 0, U_mm: 0 })
    expect(refusal('uncertainty', { temp_u_c: 5, size_mm: 100 })).toBe('missing alpha_per_c')
  })

  it('the bell curve where it is known, even, and always rising', () => {
    expect(normalCdf(0)).toBe(0.5)
    expect(normalCdf(1)).toBeCloseTo(0.841344746068543, 12)
    expect(normalCdf(1.96)).toBeCloseTo(0.97500210485178, 12)
    expect(normalCdf(-4)).toBeCloseTo(3.16712418331199e-5, 15)
    fc.assert(
      fc.property(
        fc.double({ min: -8, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (z, more) => {
          expect(normalCdf(z) + normalCdf(-z)).toBeCloseTo(1, 12)
          expect(normalCdf(z + more)).toBeGreaterThanOrEqual(normalCdf(z) - 1e-13)
        },
      ),
    )
    expect(calc('conform_probability', { value: 52.05, upper: 52.06, u: 0.005 }).p).toBeCloseTo(0.977249868, 8)
  })
})

describe('leak-down and crankcase', () => {
  it('two testers show two figures for one leak, and each gives the leak back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 3, noNaN: true }),
        fc.double({ min: 0.6, max: 2, noNaN: true }),
        (area, orifice) => {
          const pct = calc('leakdown_percent_for', { area_mm2: area, p_reg_kpa: 700, orifice_mm: orifice }).leak_pct
          expect(
            calc('leakdown', { p_reg_kpa: 700, p_cyl_kpa: 700 * (1 - pct / 100), orifice_mm: orifice }).area_mm2,
          ).toBeCloseTo(area, 5)
        },
      ),
    )
    expect(calc('leakdown', { p_reg_kpa: 700, p_cyl_kpa: 0 })).toMatchObject({
      leak_pct: 100,
      area_mm2: null,
      status: 'beyond_scale',
    })
    expect(calc('leakdown', { p_reg_kpa: 700, p_cyl_kpa: 700 }).area_mm2).toBe(0)
    expect(calc('leakdown_percent_for', { area_mm2: 0, p_reg_kpa: 700 }).leak_pct).toBe(0)
  })

  it('classes by engine, and names the way by ear', () => {
    const grade = (leak_pct: number, engine_class: string) => calc('leakdown_class', { leak_pct, engine_class }).state
    expect([grade(15, 'air_4s'), grade(15, 'liquid_4s'), grade(26, 'diesel'), grade(40, 'air_4s')]).toEqual([
      'good',
      'fair',
      'bad',
      'worn',
    ])
    expect(calc('leak_path', { heard: ['oil_filler', 'exhaust', 'breather'] }).paths).toEqual([
      'rings_bore_piston',
      'exhaust_valve',
    ])
    expect(calc('leak_path', { heard: ['base_joint', 'crankcase'], strokes: 2 }).paths).toEqual([
      'base_gasket_after_rings',
      'rings_bore_piston',
    ])
  })

  it('a seal may hold one way only: vacuum is judged as well as pressure', () => {
    const test = (p0_kpa: number, p1_kpa: number, more = {}) =>
      calc('crankcase_test', { p0_kpa, p1_kpa, seconds: 60, ...more })
    expect(test(-40, -30)).toMatchObject({
      mode: 'vacuum',
      rate_kpa_per_min: 10,
      state: 'doubtful',
      leak_ml_per_min: null,
      area_mm2: null,
    })
    expect(test(-40, -30, { engine_class: 'handheld' }).state).toBe('pass')
    expect(test(40, 40, { volume_ml: 250 }).area_mm2).toBe(0)
    expect(test(40, 0, { volume_ml: 250 })).toMatchObject({ area_mm2: null, state: 'fail' })
    expect(test(-40, -30, { volume_ml: 250 }).area_mm2).toBeGreaterThan(0)
  })
})

describe('particles on a picture', () => {
  it('joins corners, counts from a size, and knows what runs out of the picture', () => {
    const found = calc('debris_image', {
      mask: ['11000001', '01000010', '00110000', '00110000'],
      um_per_px: 10,
      min_px: 2,
    })
    expect(found).toMatchObject({ count: 2, touching_edge: 2 })
    expect(found.ecd_um[0]).toBeCloseTo(2 * Math.sqrt(700 / Math.PI), 9)
    expect(calc('debris_image', { mask: ['000', '010'], um_per_px: 10 })).toEqual({
      count: 0,
      area_fraction: 0,
      ecd_um: [],
      largest_um: null,
      log2_bins: {},
      touching_edge: 0,
    })
  })
})
