import { describe, expect, it } from 'vitest'
import { CALCULATORS, calculate, describeCalculators, isFailure } from '#core/calculators'
import { calc, refusal } from '../../calc'

/** Worked examples: name, inputs, answer to six significant figures. */
const EXAMPLES: [string, unknown, unknown][] = [
  ['unit_convert', { value: 21, from_unit: 'ft.lbf', to_unit: 'N.m' }, { value: 28.4722 }],
  ['unit_round', { value: 28.4721769, unit: 'N.m' }, { value: 28.5, text: '28.5' }],
  [
    'oil_volume',
    {
      points: [
        [0, 400],
        [12, 540],
        [30, 800],
      ],
      reading: 18,
    },
    { volume_ml: 626.667, extrapolated: false },
  ],
  [
    'oil_tilt',
    { reading_mm: 25, tilt_deg: 5, offset_mm: 40 },
    { level_reading_mm: 21.5005, error_mm: 3.49955, status: 'ok' },
  ],
  [
    'oil_consumption',
    { v0_ml: 1000, v1_ml: 850, added_ml: 100, hours: 25 },
    { used_ml: 250, ml_per_h: 10, ml_per_1000km: null, pct_of_fuel: null, state: 'used' },
  ],
  [
    'dynamic_cr',
    { static_cr: 10, stroke_mm: 60, rod_mm: 110, ivc_abdc_deg: 50 },
    { eff_stroke_mm: 51.7111, dcr: 8.75666 },
  ],
  ['expected_cranking', { eff_cr: 8.757 }, { p_gauge_kpa: 1425.05, low_kpa: 1268.12, high_kpa: 1599.97 }],
  [
    'hose_correct',
    { p_gauge_kpa: 700, swept_eff_ml: 30, clearance_ml: 5, hose_ml: 2 },
    { factor_abs: 1.42067, p_gauge_corr_kpa: 1037.09 },
  ],
  [
    'wet_dry',
    { dry_kpa: 500, wet_kpa: 610 },
    {
      rise_pct: 22,
      oil_volume_factor: 1,
      posterior: { rings: 0.853573, top_end: 2.96071e-5, both: 0.146398 },
      status: 'rings',
    },
  ],
  ['comp_to_standard', { p_gauge_kpa: 800, altitude_m: 1000 }, { factor: 1.1274, p_std_kpa: 901.924 }],
  [
    'debris_score',
    { items: [{ material: 'bronze', amount: 'some', largest_um: 250 }], hours_since_oil: 60 },
    {
      score: 34.3326,
      state: 'watch',
      item_scores: [34.3326],
      sources: ['small_end_bush', 'thrust_washer', 'bearing_cage', 'oil_pump_or_worm'],
    },
  ],
  [
    'pert',
    { a: 2, m: 3, b: 8 },
    {
      mean: 3.66667,
      var: 1.03175,
      alpha: 1.66667,
      beta: 4.33333,
      p10: 2.45596,
      p50: 3.51172,
      p90: 5.11161,
      var_classic: 1,
    },
  ],
  [
    'cost_distribution',
    { labour: [{ a: 2, m: 3, b: 8 }], rate_per_h: 50, parts: [{ price: 100, p: 1 }] },
    { mean: 283.333, sd: 50.7875, p10: 222.798, p50: 275.586, p90: 355.58 },
  ],
  [
    'weibull_remaining',
    { beta: 2, eta_h: 1000, now_h: 500, ahead_h: 200 },
    { p_survive_ahead: 0.786628, mean_remaining_h: 545.641, median_remaining_h: 471.158, p10_remaining_h: 96.1212 },
  ],
  [
    'weibull_fit',
    {
      units: [
        { exit_h: 100, failed: true },
        { exit_h: 100, failed: false },
      ],
    },
    { beta: 2, eta_h: 141.421, failures: 1, method: 'fixed_beta', loglik: -5.60517 },
  ],
  [
    'life_decision',
    { hours: 120, maker_limit_h: 100, condition_left_h: 30 },
    { left_h: 30, due: false, past_maker_limit: true },
  ],
  [
    'forecast_date',
    {
      today: '2030-05-01',
      left_h: 30,
      usage: [
        ['2030-01-01', 100],
        ['2030-04-11', 150],
      ],
    },
    { rate_h_per_day: 0.5, days: 60, date: '2030-06-30' },
  ],
  [
    'decide',
    {
      options: [
        {
          name: 'repair',
          mean_cost: 300,
          p90: 380,
          value_after: 700,
          p_success: 0.8,
          comeback_cost: 100,
          hours_ok: 300,
          hours_fail: 20,
        },
      ],
      salvage_value: 120,
    },
    {
      options: [{ name: 'repair', net: 264, gain: 144, exp_hours: 244, cost_per_h: 1.31148, allowed: true }],
      best: 'repair',
    },
  ],
  [
    'mix_correct',
    { fuel_ml: 3000, oil_ml: 50, target_ratio: 40, capacity_ml: 3050 },
    { action: 'drain_then_add_oil', add_ml: 24.7967, drain_ml: 24.7967, final_total_ml: 3050, final_ratio: 40 },
  ],
  ['mix_lean_shift', { ratio_from: 40, ratio_to: 25 }, { afr_change_pct: 1.46341 }],
  [
    'leakdown',
    { p_reg_kpa: 700, p_cyl_kpa: 595 },
    { leak_pct: 15, area_mm2: 0.626514, hole_mm: 0.893142, status: 'ok' },
  ],
  [
    'crankcase_test',
    { p0_kpa: 40, p1_kpa: 37, seconds: 30, volume_ml: 250 },
    {
      mode: 'pressure',
      drop_kpa: 3,
      rate_kpa_per_min: 6,
      drop_pct: 7.5,
      leak_ml_per_min: 14.8038,
      area_mm2: 0.000989122,
      state: 'pass',
    },
  ],
  [
    'debris_image',
    { mask: ['000000', '011000', '011000', '000000'], um_per_px: 25 },
    { count: 1, area_fraction: 0.166667, ecd_um: [56.419], largest_um: 56.419, log2_bins: { 5: 1 }, touching_edge: 0 },
  ],
  [
    'hot_clearance',
    { bore20_mm: 52, piston20_mm: 51.955, bore_temp_c: 110, piston_temp_c: 130 },
    { cold_mm: 0.045, hot_mm: -0.0173035, state: 'skirt_flex' },
  ],
  ['guard_band', { value: 52.05, upper: 52.06, U: 0.012 }, { state: 'doubtful' }],
  [
    'uncertainty',
    { resolution_mm: 0.005, repeats_mm: [52.05, 52.06, 52.05], cal_U_mm: 0.004 },
    { u_c_mm: 0.00414662, U_mm: 0.00829324 },
  ],
  [
    'evpi',
    {
      options: [
        { name: 'repair', net0: 500, k: 1 },
        { name: 'replace', net0: 250, k: 0 },
      ],
      dist: {
        type: 'discrete',
        values: [
          [0, 0.7],
          [600, 0.3],
        ],
      },
      info_cost: 60,
    },
    { best_now: 'repair', ev_now: 320, ev_perfect: 425, evpi: 105, worth_looking: true },
  ],
  [
    'bore_oversize',
    { nominal_mm: 52, largest_mm: 52.11, sizes_mm: [0.25, 0.5] },
    { status: 'ok', required_mm: 52.21, oversize_mm: 0.25, bore_to_mm: 52.2, finish_mm: 52.25, spare_mm: 0.04 },
  ],
  [
    'bore_grid',
    {
      readings_mm: [
        [52.08, 52.11],
        [52.05, 52.07],
        [52.02, 52.02],
      ],
      nominal_mm: 52,
      piston_mm: 51.95,
    },
    {
      largest_mm: 52.11,
      wear_mm: 0.11,
      out_of_round_mm: 0.03,
      taper_mm: 0.09,
      taper_signed_mm: 0.09,
      barrel_mm: 0,
      clearance_max_mm: 0.16,
      clearance_min_mm: 0.07,
      over_limit: [],
    },
  ],
  ['bore_temp_correct', { reading_mm: 52.11, part_temp_c: 35, part_material: 'grey_iron' }, { at20_mm: 52.1018 }],
  [
    'ring_radial_wear',
    { gap_now_mm: 0.65, gap_new_mm: 0.2, bore_now_mm: 52.05, bore_new_mm: 52 },
    { from_bore_mm: 0.15708, radial_wear_mm: 0.0466197, status: 'ok' },
  ],
  [
    'ring_hot_gap',
    { bore_mm: 52, gap_cold_mm: 0.25, ring_rise_c: 160, bore_rise_c: 90 },
    { gap_hot_mm: 0.129928, butts: false },
  ],
  [
    'journal_undersize',
    { nominal_mm: 25, smallest_mm: 24.93, sizes_mm: [0.25, 0.5] },
    { status: 'ok', undersize_mm: 0.25, grind_to_mm: 24.75, required_max_mm: 24.88 },
  ],
  ['big_end_from_shake', { tip_total_mm: 0.8, rod_mm: 90, bearing_width_mm: 15 }, { radial_clearance_mm: 0.0666667 }],
  [
    'shim_select',
    { old_shim_mm: 2.6, measured_mm: 0.05, lo_mm: 0.1, hi_mm: 0.16, available_mm: [2.45, 2.5, 2.55, 2.6] },
    { status: 'ok', ideal_mm: 2.52, new_shim_mm: 2.5, lash_mm: 0.15 },
  ],
  [
    'guide_clearance',
    { wobble_mm: 0.18, guide_length_mm: 35, height_mm: 10 },
    { clearance_mm: 0.114545, state: 'worn' },
  ],
  [
    'base_gasket',
    { squish_now_mm: 1.3, gasket_now_mm: 0.5, available_mm: [0.2, 0.3, 0.5], target_squish_mm: 1, min_squish_mm: 0.9 },
    { status: 'ok', gasket_mm: 0.2, squish_mm: 1, cr: null },
  ],
  [
    'static_cr',
    { bore_mm: 52, stroke_mm: 50, head_cc: 10, gasket_mm: 0.6, deck_mm: 0.2 },
    { swept_cc: 106.186, clearance_cc: 11.699, cr: 10.0765 },
  ],
  [
    'pump_pressure',
    {
      disp_cc_per_rev: 3,
      pump_rpm: 2000,
      slip_lpm_per_kpa: 0.002,
      bearing_lpm_per_kpa: 0.003,
      orifice_mm2: 3,
      leak_mm2: 1,
    },
    { flow_lpm: 6, p_kpa: 446.209, p_leak_kpa: 332.46, drop_kpa: 113.75, leak_flow_lpm: 1.08443, on_relief: false },
  ],
  ['key_shift', { offset_mm: 4, radius_mm: 75 }, { shift_deg: 3.05577, effect: 'advanced', state: 'replace_key' }],
  ['btdc_mm', { deg_btdc: 20, stroke_mm: 54, rod_mm: 110 }, { mm_btdc: 2.01661 }],
]

function near(value: unknown): unknown {
  if (typeof value === 'number')
    return value === 0 ? 0 : expect.closeTo(value, Math.max(0, 5 - Math.floor(Math.log10(Math.abs(value)))) - 0.3)
  if (Array.isArray(value)) return value.map(near)
  if (value && typeof value === 'object') return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, near(v)]))
  return value
}

describe('the registry', () => {
  it.each(EXAMPLES)('%s answers its worked example with exactly its keys', (name, inputs, answer) => {
    expect(calc(name, inputs)).toEqual(near(answer))
  })

  it('names every calculator with a schema of its inputs', () => {
    const described = describeCalculators()
    expect(described.map(d => d.name)).toEqual([...CALCULATORS.keys()])
    expect(described.find(d => d.name === 'oil_tilt')?.input).toMatchObject({
      type: 'object',
      required: ['reading_mm', 'tilt_deg', 'offset_mm'],
      properties: { tilt_deg: { minimum: 0, maximum: 30, description: 'degrees' } },
    })
    expect(JSON.parse(JSON.stringify(described))).toEqual(described)
  })

  it.each([...CALCULATORS.keys()])('%s refuses rubbish without falling over', name => {
    const none = (CALCULATORS.get(name)!.input.schema().required as string[]).length === 0
    for (const inputs of [undefined, null, 7, 'x', [], ...(none ? [] : [{}])])
      expect(isFailure(calculate(name, inputs))).toBe(true)
    const required = CALCULATORS.get(name)!.input.schema().required as string[]
    for (const value of [Number.NaN, Number.POSITIVE_INFINITY, true, 'twelve', 1e308, -1e308, {}, [[[]]]]) {
      const answer = calculate(name, Object.fromEntries(required.map(field => [field, value])))
      if (!isFailure(answer)) expect(JSON.stringify(answer)).not.toContain('null,"')
      else expect(answer.message.length).toBeGreaterThan(10)
    }
  })

  it('a missing field is named before a bad one, a bad one before a contradiction', () => {
    expect(refusal('oil_severity', { volume_ml: -5, min_ml: 9, max_ml: 5 })).toBe('missing capacity_ml')
    expect(refusal('oil_severity', { volume_ml: -5, min_ml: 9, max_ml: 5, capacity_ml: 5 })).toBe(
      'out_of_range volume_ml',
    )
    expect(refusal('oil_severity', { volume_ml: 5, min_ml: 9, max_ml: 5, capacity_ml: null })).toBe(
      'missing capacity_ml',
    )
    expect(refusal('nothing_like_it', {})).toBe('bad_choice fn')
    expect(refusal('pert', { a: 1, m: true, b: 3 })).toBe('not_a_number m')
  })
})
