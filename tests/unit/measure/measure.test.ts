import { describe, expect, it } from 'vitest'
import { calc } from '../../calc'

describe('bore', () => {
  const oversize = (largest_mm: number, more: object = {}) =>
    calc('bore_oversize', { nominal_mm: 52, largest_mm, sizes_mm: [0.5, 0.25], ...more })

  it('a size that is just enough is enough; a hair more takes the next; none is said', () => {
    expect(oversize(52.15)).toMatchObject({ status: 'ok', oversize_mm: 0.25 })
    expect(oversize(52.151)).toMatchObject({ status: 'ok', oversize_mm: 0.5 })
    expect(oversize(52.45)).toEqual({ status: 'no_option', required_mm: expect.closeTo(52.55), oversize_mm: null })
    expect(oversize(52.2, { max_oversize_mm: 0.25 }).status).toBe('no_option')
  })
  it('boring on the old centre counts one-sided wear twice', () => {
    expect([oversize(52.12).oversize_mm, oversize(52.12, { hold_centre: true }).oversize_mm]).toEqual([0.25, 0.5])
  })
  it('no size is ever named for a plating', () => {
    expect(oversize(52.04, { bore_type: 'plated_aluminium' })).toEqual({
      status: 'reuse_if_surface_good',
      required_mm: null,
      oversize_mm: null,
    })
    expect(oversize(52.06, { bore_type: 'plated_aluminium' }).status).toBe('replate_or_sleeve')
    expect(oversize(52.06, { bore_type: 'bare_aluminium' }).status).toBe('sleeve_or_replace')
  })
  it('one row has no taper; a bell mouth is signed; a barrel is seen; limits are named', () => {
    const grid = (readings_mm: number[][], more: object = {}) =>
      calc('bore_grid', { readings_mm, nominal_mm: 52, ...more })
    expect(grid([[52.01, 52.02]])).toMatchObject({ taper_mm: null, taper_signed_mm: null, barrel_mm: null })
    expect(
      grid([
        [52, 52],
        [52.02, 52.09],
      ]).taper_signed_mm,
    ).toBeCloseTo(-0.09)
    expect(
      grid([
        [52, 52],
        [52.05, 52.03],
        [52.01, 52],
      ]).barrel_mm,
    ).toBeCloseTo(0.04)
    expect(
      grid(
        [
          [52.1, 52.05],
          [52, 52],
        ],
        { wear_limit_mm: 0.1, taper_limit_mm: 0.09, oor_limit_mm: 0.04 },
      ).over_limit,
    ).toEqual(['taper', 'out_of_round'])
    expect(grid([[52, 52]])).not.toHaveProperty('clearance_max_mm')
  })
})

describe('rings', () => {
  it('gap by its band, the limit included', () => {
    const state = (gap_mm: number) => calc('ring_gap', { bore_mm: 50, gap_mm, ring_class: 'two_stroke' }).state
    expect([0, 0.19, 0.2, 0.35, 0.36, 0.6, 0.601].map(state)).toEqual([
      'butted',
      'too_tight',
      'new_band',
      'new_band',
      'serviceable',
      'serviceable',
      'worn_out',
    ])
  })
  it("growth that the bore can't explain away is doubted", () => {
    expect(
      calc('ring_radial_wear', { gap_now_mm: 0.2, gap_new_mm: 0.2, bore_now_mm: 52.05, bore_new_mm: 52 }).status,
    ).toBe('inconsistent_readings')
    expect(calc('ring_hot_gap', { bore_mm: 52, gap_cold_mm: 0.1, ring_rise_c: 250, bore_rise_c: 90 }).butts).toBe(true)
  })
  it('side play and free gap', () => {
    const side = (groove_mm: number) => calc('ring_side', { groove_mm, ring_mm: 1.5 }).state
    expect([1.5, 1.51, 1.52, 1.65, 1.66].map(side)).toEqual(['no_clearance', 'tight', 'ok', 'ok', 'worn'])
    expect([
      calc('ring_free_gap', { bore_mm: 50, free_gap_mm: 3.9 }).state,
      calc('ring_free_gap', { bore_mm: 50, free_gap_mm: 3.9, new_free_gap_mm: 4.5 }).state,
    ]).toEqual(['lost_tension', 'ok'])
  })
})

describe('crank', () => {
  it('a journal with its housing, and one that no undersize saves', () => {
    expect(
      calc('journal_grid', {
        readings_mm: [
          [24.98, 24.95],
          [24.97, 24.97],
        ],
        nominal_mm: 25,
        housing_mm: 25.02,
      }),
    ).toEqual({
      smallest_mm: 24.95,
      wear_mm: expect.closeTo(0.05),
      out_of_round_mm: expect.closeTo(0.03),
      taper_mm: expect.closeTo(0.02),
      clearance_min_mm: expect.closeTo(0.04),
      clearance_max_mm: expect.closeTo(0.07),
    })
    expect(calc('journal_undersize', { nominal_mm: 25, smallest_mm: 24.4, sizes_mm: [0.25, 0.5] })).toMatchObject({
      status: 'no_option',
      undersize_mm: null,
      grind_to_mm: null,
    })
  })
  it('clearances pass at their limits', () => {
    const plain = (clearance_mm: number) => calc('plain_clearance', { journal_mm: 40, clearance_mm }).state
    expect([-0.01, 0.02, 0.03, 0.06, 0.1, 0.101].map(plain)).toEqual([
      'interference',
      'tight',
      'ok',
      'ok',
      'serviceable',
      'worn_out',
    ])
    expect(calc('runout', { tir_mm: 0.05 })).toEqual({ eccentricity_mm: 0.025, state: 'ok' })
    expect(calc('big_end_check', { radial_mm: 0.06, side_mm: 0.9 })).toEqual({
      over_limit: ['radial', 'side'],
      state: 'rebuild_crank',
    })
    expect(calc('main_play', { radial_mm: 0.01, axial_mm: 0.1, rough: true }).state).toBe('replace')
  })
})

describe('valves', () => {
  it('no lash is nought or less, and no band', () => {
    const state = (measured_mm: number) => calc('lash_check', { measured_mm, lo_mm: 0.1, hi_mm: 0.15 })
    expect(state(0)).toEqual({ state: 'zero_lash', true_lash_known: false })
    expect([0.09, 0.1, 0.15, 0.16].map(m => state(m).state)).toEqual(['tight', 'ok', 'ok', 'loose'])
  })
  it('shims: nothing to feel is tried, a tie takes the looser, in band stays, none is said', () => {
    const shim = (measured_mm: number, available_mm: number[], more: object = {}) =>
      calc('shim_select', { old_shim_mm: 2.6, measured_mm, lo_mm: 0.1, hi_mm: 0.16, available_mm, ...more })
    expect(shim(0, [2.4, 2.45, 2.5])).toEqual({
      status: 'zero_lash',
      ideal_mm: expect.closeTo(2.47),
      new_shim_mm: null,
      lash_mm: null,
      try_shim_mm: 2.45,
    })
    expect(shim(0, [2.55]).try_shim_mm).toBeNull()
    expect(shim(0.05, [2.54, 2.5])).toMatchObject({ new_shim_mm: 2.5 })
    expect(shim(0.05, [2.51, 2.53])).toMatchObject({ new_shim_mm: 2.51, lash_mm: expect.closeTo(0.14) })
    expect(shim(0.12, [])).toMatchObject({ status: 'in_spec', new_shim_mm: 2.6 })
    expect(shim(0.05, [2.6])).toMatchObject({ status: 'no_option', new_shim_mm: null })
    expect(shim(0.05, [2.5, 2.55], { target_mm: 0.1 }).new_shim_mm).toBe(2.55)
  })
  it('screw, seat, solvent and spring', () => {
    expect(calc('screw_turns', { measured_mm: 0.3, target_mm: 0.15, pitch_mm: 0.75 })).toEqual({
      turns: expect.closeTo(0.2),
      degrees: expect.closeTo(72),
      direction: 'in',
      estimate_valid: true,
    })
    expect(calc('screw_turns', { measured_mm: 0, target_mm: 0.15, pitch_mm: 0.75 })).toMatchObject({
      direction: 'out',
      estimate_valid: false,
    })
    const seat = (width_mm: number) => calc('seat_check', { width_mm, margin_mm: 0.4 })
    expect([0.7, 1.5, 2, 2.1].map(w => seat(w).seat)).toEqual(['narrow', 'ok', 'wide', 'recut'])
    expect(seat(1).valve).toBe('replace_valve')
    const leak = (drops_per_min: number, more: object = {}) => calc('liquid_leak', { drops_per_min, ...more })
    expect(
      [leak(0), leak(0, { damp: true }), leak(5), leak(6), leak(0, { stream: true })].map(
        l => `${l.score} ${l.action}`,
      ),
    ).toEqual(['0 none', '1 none', '2 lap', '3 recut', '4 recut'])
    expect(calc('spring_check', { free_mm: 29, new_free_mm: 30, installed_mm: 20, rate_n_per_mm: 10 })).toEqual({
      loss_pct: expect.closeTo(3.3333),
      limit_mm: expect.closeTo(29.1),
      state: 'replace',
      seat_load_loss_pct: expect.closeTo(10),
      seat_load_n: 90,
    })
    expect(calc('spring_check', { free_mm: 29, new_free_mm: 30, limit_mm: 29 })).toMatchObject({
      state: 'ok',
      seat_load_loss_pct: null,
    })
  })
})

describe('squish and ports', () => {
  it('no gasket can reach the figure, or only over the ratio', () => {
    const gasket = (more: object) =>
      calc('base_gasket', {
        squish_now_mm: 1,
        gasket_now_mm: 0.5,
        available_mm: [0.3, 0.4, 0.5],
        target_squish_mm: 0.9,
        min_squish_mm: 0.8,
        ...more,
      })
    expect(gasket({ target_squish_mm: 0.4, min_squish_mm: 1.2 })).toEqual({
      status: 'no_option',
      gasket_mm: null,
      squish_mm: null,
      cr: null,
    })
    expect(gasket({ target_squish_mm: 0.85 }).gasket_mm).toBe(0.4)
    expect(gasket({ bore_mm: 52, stroke_mm: 50, clearance_now_cc: 12, cr_max: 9.9 }).gasket_mm).toBe(0.5)
  })
  it('gasket for a ratio and ratio of a gasket agree', () => {
    const { clearance_cc } = calc('static_cr', { bore_mm: 52, stroke_mm: 50, head_cc: 10, gasket_mm: 0.6 })
    const { gasket_change_mm } = calc('base_gasket_for_cr', {
      clearance_now_cc: clearance_cc,
      bore_mm: 52,
      stroke_mm: 50,
      target_cr: 9,
    })
    expect(
      calc('static_cr', { bore_mm: 52, stroke_mm: 50, head_cc: 10, gasket_mm: 0.6 + gasket_change_mm }).cr,
    ).toBeCloseTo(9, 9)
    expect(calc('squish_solder', { left_mm: 1, right_mm: 1.2 })).toEqual({
      mean_mm: 1.1,
      difference_mm: expect.closeTo(0.2),
      state: 'check_square_or_rod',
    })
  })
  it('a port at the bottom is never open; a raised barrel opens it longer; angle and height are inverse', () => {
    expect(calc('port_duration', { stroke_mm: 50, rod_mm: 100, port_from_tdc_mm: 50 }).duration_deg).toBeCloseTo(0, 5)
    const open = (barrel_raise_mm: number) =>
      calc('port_duration', { stroke_mm: 50, rod_mm: 100, port_from_tdc_mm: 30, barrel_raise_mm })
        .duration_deg as number
    expect(open(0.5)).toBeGreaterThan(open(0))
    const { mm_btdc } = calc('btdc_mm', { deg_btdc: 33, stroke_mm: 54, rod_mm: 110 })
    expect(calc('btdc_deg', { mm_btdc, stroke_mm: 54, rod_mm: 110 }).deg_btdc).toBeCloseTo(33, 9)
  })
})

describe('oil pump and ignition', () => {
  it('clearances: new, serviceable, over; a limit alone under the rule of thumb is the new figure too', () => {
    expect(calc('pump_clearances', { tip_mm: 0.15, side_mm: 0.15, body_mm: 0.36 })).toEqual({
      tip: 'ok',
      side: 'serviceable',
      body: 'over',
      replace: true,
    })
    expect(calc('pump_clearances', { tip_mm: 0.12, limits_mm: { tip: 0.1 } })).toMatchObject({
      tip: 'over',
      side: 'not_measured',
    })
    expect(calc('pump_clearances', { tip_mm: 0.12, limits_mm: { tip: [0.1, 0.2] } }).tip).toBe('serviceable')
  })
  it('a leak matters at idle and is hidden by the relief valve at speed; a pump at rest gives nothing', () => {
    const at = (pump_rpm: number) =>
      calc('pump_pressure', {
        disp_cc_per_rev: 3,
        pump_rpm,
        slip_lpm_per_kpa: 0.002,
        bearing_lpm_per_kpa: 0.003,
        orifice_mm2: 3,
        leak_mm2: 1,
        relief_kpa: 300,
      })
    expect(at(1000).drop_kpa / at(1000).p_kpa).toBeGreaterThan((5 * at(4000).drop_kpa) / at(4000).p_kpa)
    expect([at(1000).on_relief, at(4000).on_relief]).toEqual([false, true])
    expect(at(0)).toEqual({ flow_lpm: 0, p_kpa: 0, p_leak_kpa: 0, drop_kpa: 0, leak_flow_lpm: 0, on_relief: false })
    // what goes in comes out
    const { p_kpa, flow_lpm } = at(4000)
    const k = 0.65 * 3e-6 * Math.sqrt(2000 / 860) * 60000
    expect(0.005 * p_kpa + k * Math.sqrt(p_kpa) + 0.5 * (p_kpa - 300)).toBeCloseTo(flow_lpm, 9)
    expect(calc('oring_leak', { ring_dia_mm: 20, gap_mm: 0.1 }).area_mm2).toBeCloseTo(6.2832, 4)
    expect(
      calc('slip_scale', { slip0_lpm_per_kpa: 0.002, clearance0_mm: 0.05, clearance_mm: 0.1, visc_ratio: 2 })
        .slip_lpm_per_kpa,
    ).toBeCloseTo(0.008, 12)
  })
  it('gaps and a moved flywheel', () => {
    const gap = (gap_mm: number) => calc('gap_check', { kind: 'coil', gap_mm }).state
    expect([0, 0.2, 0.25, 0.4, 0.5].map(gap)).toEqual(['touching', 'narrow', 'ok', 'ok', 'wide'])
    expect(calc('key_shift', { offset_mm: 0, radius_mm: 75 })).toEqual({ shift_deg: 0, effect: 'none', state: 'ok' })
    expect(calc('key_shift', { offset_mm: 3, radius_mm: 75, flywheel_ahead: false })).toMatchObject({
      effect: 'retarded',
      state: 'doubtful',
    })
    expect(calc('key_shift', { offset_mm: 150, radius_mm: 75, measured: 'chord' }).shift_deg).toBeCloseTo(180, 6)
  })
})
