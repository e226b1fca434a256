import { describe, expect, it } from 'vitest'
import { CALCULATORS } from '#core/calculators'
import { calc, refusal } from '../../calc'

/** For each calculator: inputs that it takes, and for each field what it must refuse with which code. */
interface Row {
  good: Record<string, unknown>
  bad: Record<string, [value: unknown, code: string][]>
}
const spreadRow = { a: 1, m: 2, b: 3 }
const net = (name: string, net0: number, k: number) => ({ name, net0, k })

const MODEL = {
  causes: [
    { id: 'a', prior: 0.2 },
    { id: 'b', prior: 0.1 },
  ],
  findings: [{ id: 'x', leak: 0.05 }],
  links: [
    { cause: 'a', finding: 'x', q: 0.8 },
    { cause: 'b', finding: 'x', q: 0.5 },
  ],
}

const INPUTS: Record<string, Row> = {
  posterior: {
    good: { model: MODEL, positive: ['x'] },
    bad: {
      model: [
        [null, 'missing'],
        [{ ...MODEL, causes: [] }, 'too_few'],
        [{ ...MODEL, causes: [{ id: 'a', prior: 1.1 }] }, 'out_of_range'],
        [{ ...MODEL, links: [{ cause: 'z', finding: 'x', q: 0.5 }] }, 'inconsistent'],
        [{ ...MODEL, findings: [{ id: 'x', leak: 0 }], links: [] }, 'inconsistent'],
      ],
      positive: [
        [['nobody'], 'bad_choice'],
        [7, 'not_a_number'],
      ],
      negative: [[['x'], 'inconsistent']],
    },
  },
  next_check: {
    good: { model: MODEL },
    bad: {
      model: [[{ ...MODEL, findings: [] }, 'too_few']],
      positive: [[['nobody'], 'bad_choice']],
      candidates: [[['nobody'], 'bad_choice']],
    },
  },
  adjust_prior: {
    good: { prior: 0.1, odds_factor: 2 },
    bad: {
      prior: [
        [1, 'out_of_range'],
        [-0.1, 'out_of_range'],
      ],
      odds_factor: [[-1, 'out_of_range']],
    },
  },
  prior_from_history: {
    good: { prior: 0.1, hits: 2, total: 10 },
    bad: {
      prior: [[1.2, 'out_of_range']],
      hits: [
        [11, 'inconsistent'],
        [-1, 'out_of_range'],
      ],
      strength: [[0, 'out_of_range']],
    },
  },
  repair_order: {
    good: { items: [{ id: 'a', p: 0.5, check_cost: 40 }] },
    bad: {
      items: [
        [[], 'too_few'],
        [[{ id: 'a', p: 0, check_cost: 1 }], 'inconsistent'],
        [[{ id: 'a', p: 0.5, check_cost: 0 }], 'out_of_range'],
        [[{ id: 'a', p: 2, check_cost: 1 }], 'out_of_range'],
      ],
      service_cost: [[-1, 'out_of_range']],
      normalise: [['yes', 'bad_choice']],
    },
  },
  unit_convert: {
    good: { value: 1, from_unit: 'mm', to_unit: 'in' },
    bad: {
      value: [
        ['1', 'not_a_number'],
        [true, 'not_a_number'],
      ],
      from_unit: [
        ['ell', 'bad_unit'],
        [7, 'bad_unit'],
      ],
      to_unit: [['psi', 'bad_unit']],
    },
  },
  unit_round: {
    good: { value: 1.25, unit: 'bar' },
    bad: { value: [[Number.NaN, 'not_a_number']], unit: [['cm', 'bad_unit']] },
  },
  gauge_to_abs: {
    good: { p_gauge_kpa: 100 },
    bad: {
      p_gauge_kpa: [[-150, 'out_of_range']],
      p_amb_kpa: [
        [49.9, 'out_of_range'],
        [110.1, 'out_of_range'],
      ],
    },
  },
  oil_volume: {
    good: {
      points: [
        [0, 1],
        [10, 9],
      ],
      reading: 5,
    },
    bad: {
      points: [
        [[], 'too_few'],
        [
          [
            [0, -1],
            [1, 2],
          ],
          'out_of_range',
        ],
        [
          [
            [0, 'x'],
            [1, 2],
          ],
          'not_a_number',
        ],
        [[7, [1, 2]], 'not_a_number'],
      ],
      reading: [[99, 'out_of_range']],
      kind: [['dip', 'bad_choice']],
    },
  },
  oil_reading: {
    good: {
      points: [
        [0, 1],
        [10, 9],
      ],
      volume_ml: 5,
    },
    bad: {
      points: [
        [
          [
            [0, 5],
            [1, 4],
          ],
          'non_monotone',
        ],
      ],
      volume_ml: [
        [-1, 'out_of_range'],
        [10, 'out_of_range'],
      ],
    },
  },
  oil_adjust: {
    good: { volume_now_ml: 0, target_ml: 500 },
    bad: {
      volume_now_ml: [
        [-1, 'out_of_range'],
        [1e6 + 1, 'out_of_range'],
      ],
      target_ml: [[-1, 'out_of_range']],
      dead_ml: [[-1, 'out_of_range']],
    },
  },
  oil_severity: {
    good: { volume_ml: 500, min_ml: 400, max_ml: 600, capacity_ml: 600 },
    bad: {
      volume_ml: [[-1, 'out_of_range']],
      min_ml: [[700, 'inconsistent']],
      max_ml: [
        [0, 'out_of_range'],
        [901, 'inconsistent'],
      ],
      capacity_ml: [[0, 'out_of_range']],
    },
  },
  oil_tilt: {
    good: { reading_mm: 20, tilt_deg: 5, offset_mm: -30 },
    bad: {
      reading_mm: [[-1, 'out_of_range']],
      tilt_deg: [
        [-1, 'out_of_range'],
        [30.5, 'out_of_range'],
      ],
      stick_lean_deg: [[61, 'out_of_range']],
      sump_length_mm: [[0, 'out_of_range']],
    },
  },
  oil_consumption: {
    good: { v0_ml: 900, v1_ml: 800, hours: 10 },
    bad: {
      v0_ml: [[-1, 'out_of_range']],
      v1_ml: [[-1, 'out_of_range']],
      added_ml: [[-1, 'out_of_range']],
      drained_ml: [[-1, 'out_of_range']],
      hours: [
        [0, 'out_of_range'],
        [1e5 + 1, 'out_of_range'],
      ],
      km: [[0, 'out_of_range']],
      fuel_ml: [[0, 'out_of_range']],
      u_reading_ml: [[-1, 'out_of_range']],
    },
  },
  oil_dilution: {
    good: { v0_ml: 900, v1_ml: 950, hours: 10 },
    bad: {
      v0_ml: [[0, 'out_of_range']],
      v1_ml: [[0, 'out_of_range']],
      hours: [[0, 'out_of_range']],
      normal_use_ml_per_h: [[-1, 'out_of_range']],
    },
  },
  oil_due: {
    good: { interval_h: 50, used_h: 10 },
    bad: {
      interval_h: [[0, 'out_of_range']],
      interval_days: [[0, 'out_of_range']],
      used_h: [[-1, 'out_of_range']],
      used_km: [[-1, 'out_of_range']],
      duty_factor: [
        [0.05, 'out_of_range'],
        [1.1, 'out_of_range'],
      ],
      rate_h_per_day: [[-1, 'out_of_range']],
    },
  },
  ambient_pressure: {
    good: { altitude_m: 300 },
    bad: {
      altitude_m: [
        [-501, 'out_of_range'],
        [5501, 'out_of_range'],
      ],
    },
  },
  comp_to_standard: {
    good: { p_gauge_kpa: 800 },
    bad: {
      p_gauge_kpa: [
        [-1, 'out_of_range'],
        [6001, 'out_of_range'],
      ],
      p_amb_kpa: [[40, 'out_of_range']],
      altitude_m: [[9000, 'out_of_range']],
      temp_c: [[71, 'out_of_range']],
      mode: [['table', 'bad_choice']],
    },
  },
  dynamic_cr: {
    good: { static_cr: 9, stroke_mm: 50, rod_mm: 90, ivc_abdc_deg: 45 },
    bad: {
      static_cr: [
        [2.9, 'out_of_range'],
        [26, 'out_of_range'],
      ],
      stroke_mm: [[9, 'out_of_range']],
      rod_mm: [
        [14, 'out_of_range'],
        [25, 'inconsistent'],
      ],
      ivc_abdc_deg: [[111, 'out_of_range']],
    },
  },
  trapped_cr: {
    good: { full_cr: 12, stroke_mm: 54, rod_mm: 110, exhaust_duration_deg: 190 },
    bad: {
      rod_mm: [[null, 'missing']],
      exhaust_duration_deg: [
        [null, 'missing'],
        [79, 'out_of_range'],
        [221, 'out_of_range'],
      ],
      port_from_tdc_mm: [
        [0, 'out_of_range'],
        [60, 'inconsistent'],
      ],
    },
  },
  expected_cranking: {
    good: { eff_cr: 8 },
    bad: {
      eff_cr: [
        [1.9, 'out_of_range'],
        [25.1, 'out_of_range'],
      ],
      n: [
        [0.9, 'out_of_range'],
        [1.5, 'out_of_range'],
      ],
      fill: [
        [0.2, 'out_of_range'],
        [1.2, 'out_of_range'],
      ],
    },
  },
  cranking_leak_sim: {
    good: { bore_mm: 65, stroke_mm: 50, rod_mm: 85, static_cr: 8, close_abdc_deg: 40, rpm: 300 },
    bad: {
      bore_mm: [[5, 'out_of_range']],
      rpm: [
        [19, 'out_of_range'],
        [2001, 'out_of_range'],
      ],
      leak_mm2: [[101, 'out_of_range']],
      temp_c: [[-61, 'out_of_range']],
      rod_mm: [[20, 'inconsistent']],
    },
  },
  hose_correct: {
    good: { p_gauge_kpa: 700, swept_eff_ml: 30, clearance_ml: 5, hose_ml: 2 },
    bad: { swept_eff_ml: [[0, 'out_of_range']], clearance_ml: [[0, 'out_of_range']], hose_ml: [[-1, 'out_of_range']] },
  },
  gauge_strokes: {
    good: { clearance_ml: 10, downstream_ml: 5, p_peak_abs_kpa: 900 },
    bad: {
      clearance_ml: [[0, 'out_of_range']],
      downstream_ml: [[-1, 'out_of_range']],
      p_peak_abs_kpa: [[90, 'inconsistent']],
      frac: [
        [0, 'out_of_range'],
        [1, 'out_of_range'],
      ],
    },
  },
  comp_verdict: {
    good: { p_std_kpa: 800, limit_kpa: 600 },
    bad: {
      p_std_kpa: [[-1, 'out_of_range']],
      limit_kpa: [
        [null, 'missing'],
        [0, 'out_of_range'],
      ],
      auto_release: [[1, 'bad_choice']],
      release_disabled: [['no', 'bad_choice']],
    },
  },
  wet_dry: {
    good: { dry_kpa: 500, wet_kpa: 600 },
    bad: {
      dry_kpa: [[-1, 'out_of_range']],
      wet_kpa: [[6001, 'out_of_range']],
      priors: [
        [{ rings: 0.5, top_end: 0.5 }, 'missing'],
        [{ rings: 2, top_end: 0, both: 0 }, 'out_of_range'],
        [{ rings: 0, top_end: 0, both: 0 }, 'inconsistent'],
        ['even', 'not_a_number'],
      ],
      verdict: [['good', 'bad_choice']],
      clearance_ml: [[0, 'out_of_range']],
    },
  },
  cyl_spread: {
    good: { readings_kpa: [900, 850] },
    bad: {
      readings_kpa: [
        [[900], 'too_few'],
        [[900, -1], 'out_of_range'],
        [[900, null], 'missing'],
        ['900', 'not_a_number'],
      ],
    },
  },
  comp_trend: {
    good: { hours: [0, 50], p_std_kpa: [900, 880], limit_kpa: 600 },
    bad: {
      hours: [
        [[0], 'too_few'],
        [[-1, 5], 'out_of_range'],
        [[1, 2, 3], 'inconsistent'],
      ],
      limit_kpa: [[0, 'out_of_range']],
    },
  },
  debris_score: {
    good: { items: [{ material: 'grit', amount: 'some', largest_um: 200 }], hours_since_oil: 20 },
    bad: {
      items: [
        [null, 'missing'],
        [[{ material: 'grit', amount: 'lots', largest_um: 200 }], 'bad_choice'],
        [[{ material: 'grit', amount: 'some', largest_um: 60000 }], 'out_of_range'],
        [['grit'], 'not_a_number'],
      ],
      hours_since_oil: [[-1, 'out_of_range']],
      interval_h: [[0, 'out_of_range']],
      hours_since_rebuild: [[-1, 'out_of_range']],
      break_in_h: [[0, 'out_of_range']],
    },
  },
  debris_growth: {
    good: { amounts_mm2: [5, 6], hours: [10, 10] },
    bad: {
      amounts_mm2: [
        [[5], 'too_few'],
        [[-1, 5], 'out_of_range'],
      ],
      hours: [
        [[0, 10], 'out_of_range'],
        [[10], 'too_few'],
        [[1, 2, 3], 'inconsistent'],
      ],
      floor_mm2_per_h: [[-1, 'out_of_range']],
    },
  },
  pert: {
    good: spreadRow,
    bad: {
      a: [
        [-1, 'out_of_range'],
        [2.5, 'inconsistent'],
      ],
      m: [[4, 'inconsistent']],
      b: [[1e7 + 1, 'out_of_range']],
      lam: [
        [-1, 'out_of_range'],
        [101, 'out_of_range'],
      ],
    },
  },
  cost_distribution: {
    good: { rate_per_h: 50, labour: [spreadRow] },
    bad: {
      rate_per_h: [
        [-1, 'out_of_range'],
        [null, 'missing'],
      ],
      labour: [
        [[{ a: 3, m: 2, b: 4 }], 'inconsistent'],
        [[{ a: 1, m: 2 }], 'missing'],
        [7, 'not_a_number'],
      ],
      risks: [[[{ hours: 1 }], 'missing']],
      parts: [[[{ price: -1 }], 'out_of_range']],
      tax_pct: [[101, 'out_of_range']],
      labour_corr: [['some', 'bad_choice']],
      cap: [[-1, 'out_of_range']],
    },
  },
  salvage: {
    good: { as_is: 50 },
    bad: {
      as_is: [
        [null, 'missing'],
        [-1, 'out_of_range'],
      ],
      parts_out: [
        [[{ price: 5 }], 'missing'],
        [[{ price: 5, p: 1.5 }], 'out_of_range'],
      ],
      selling_fee_pct: [[101, 'out_of_range']],
      mass_kg: [[-1, 'out_of_range']],
      haul: [[-1, 'out_of_range']],
    },
  },
  weibull_fit: {
    good: { units: [{ exit_h: 5, failed: true }] },
    bad: {
      units: [
        [[], 'too_few'],
        [[{ exit_h: 5, failed: false }], 'too_few'],
        [[{ entry_h: 5, exit_h: 5, failed: true }], 'inconsistent'],
        [[{ exit_h: 5, failed: 'yes' }], 'bad_choice'],
        [[{ exit_h: -1, failed: true }], 'out_of_range'],
      ],
      prior_beta: [[0.2, 'out_of_range']],
    },
  },
  weibull_remaining: {
    good: { beta: 2, eta_h: 10, now_h: 1 },
    bad: {
      beta: [
        [0, 'out_of_range'],
        [21, 'out_of_range'],
      ],
      eta_h: [[0, 'out_of_range']],
      now_h: [
        [-1, 'out_of_range'],
        [100, 'out_of_range'],
      ],
      ahead_h: [[-1, 'out_of_range']],
    },
  },
  life_decision: {
    good: { hours: 5, maker_limit_h: 10 },
    bad: {
      hours: [[-1, 'out_of_range']],
      maker_limit_h: [
        [null, 'missing'],
        [0, 'out_of_range'],
      ],
      condition_left_h: [[-1, 'out_of_range']],
      safety_part: [[1, 'bad_choice']],
      school: [['hope', 'bad_choice']],
    },
  },
  forecast_date: {
    good: {
      today: '2030-01-01',
      left_h: 5,
      usage: [
        ['2030-01-01', 1],
        ['2030-01-05', 2],
      ],
    },
    bad: {
      today: [
        ['tomorrow', 'not_a_number'],
        ['2030-02-30', 'not_a_number'],
      ],
      left_h: [[-1, 'out_of_range']],
      usage: [
        [[['2030-01-01', 1]], 'too_few'],
        [
          [
            ['2030-01-01', 1],
            ['2030-01-01', 2],
          ],
          'too_few',
        ],
        [
          [
            ['2030-01-01', 3],
            ['2030-01-05', 2],
          ],
          'non_monotone',
        ],
        [
          [
            ['soon', 1],
            ['2030-01-05', 2],
          ],
          'not_a_number',
        ],
      ],
    },
  },
  decide: {
    good: { options: [{ name: 'a', mean_cost: 5, value_after: 9, p_success: 1 }], salvage_value: 1 },
    bad: {
      options: [
        [[], 'too_few'],
        [[{ name: 'a', mean_cost: 5, value_after: 9 }], 'missing'],
        [[{ name: 'a', mean_cost: 5, value_after: 9, p_success: 2 }], 'out_of_range'],
      ],
      salvage_value: [[-1, 'out_of_range']],
      cap: [[5, 'missing']],
      goal: [['win', 'bad_choice']],
    },
  },
  crossover: {
    good: { options: [net('a', 5, 1), net('b', 4, 0)], hi: 10 },
    bad: {
      options: [
        [[net('a', 5, 1)], 'too_few'],
        [[net('a', 5, 1), { name: 'b', net0: 1 }], 'missing'],
      ],
      lo: [
        [10, 'inconsistent'],
        [-1, 'out_of_range'],
      ],
      hi: [[0, 'inconsistent']],
    },
  },
  evpi: {
    good: { options: [net('a', 5, 1)], dist: { type: 'pert', ...spreadRow } },
    bad: {
      options: [[[], 'too_few']],
      dist: [
        [{ type: 'pert', a: 1, m: 2 }, 'missing'],
        [{ type: 'pert', a: 3, m: 2, b: 4 }, 'inconsistent'],
        [{ type: 'discrete', values: [] }, 'too_few'],
        [{ type: 'discrete', values: [[1]] }, 'too_few'],
        [{ type: 'discrete', values: [[1, 0.5]] }, 'inconsistent'],
        [{ values: [[1, 1]] }, 'missing'],
      ],
      info_cost: [[-1, 'out_of_range']],
    },
  },
  mix_oil: {
    good: { fuel_ml: 5000, ratio: 50 },
    bad: {
      fuel_ml: [
        [0, 'out_of_range'],
        [1e6 + 1, 'out_of_range'],
      ],
      ratio: [
        [7.9, 'out_of_range'],
        [201, 'out_of_range'],
      ],
    },
  },
  mix_for_total: {
    good: { total_ml: 5000, ratio: 50 },
    bad: { total_ml: [[0, 'out_of_range']], ratio: [['50:1', 'not_a_number']] },
  },
  mix_ratio: {
    good: { fuel_ml: 5000, oil_ml: 100 },
    bad: { fuel_ml: [[0, 'out_of_range']], oil_ml: [[-1, 'out_of_range']] },
  },
  pct_to_ratio: {
    good: { pct: 2 },
    bad: {
      pct: [
        [0, 'out_of_range'],
        [21, 'out_of_range'],
      ],
      basis: [['can', 'bad_choice']],
    },
  },
  mix_correct: {
    good: { fuel_ml: 3000, oil_ml: 50, target_ratio: 40, capacity_ml: 5000 },
    bad: {
      fuel_ml: [
        [-1, 'out_of_range'],
        [6000, 'inconsistent'],
      ],
      target_ratio: [[5, 'out_of_range']],
      capacity_ml: [
        [0, 'out_of_range'],
        [3000, 'inconsistent'],
      ],
      tol_frac: [[1.1, 'out_of_range']],
    },
  },
  mix_blend: {
    good: { remainder_ml: 500, remainder_ratio: 50, fresh_fuel_ml: 2000, target_ratio: 40 },
    bad: {
      remainder_ml: [[-1, 'out_of_range']],
      remainder_ratio: [
        [0.5, 'out_of_range'],
        [1001, 'out_of_range'],
      ],
      target_ratio: [[300, 'out_of_range']],
    },
  },
  mix_step_richer: {
    good: { base_ratio: 50, reasons: ['break_in'] },
    bad: {
      base_ratio: [[5, 'out_of_range']],
      reasons: [
        ['break_in', 'not_a_number'],
        [['rain'], 'bad_choice'],
      ],
    },
  },
  mix_injection: {
    good: { oil_used_ml: 100, fuel_used_ml: 4000, ratio_lo: 30, ratio_hi: 60 },
    bad: {
      oil_used_ml: [[-1, 'out_of_range']],
      fuel_used_ml: [[0, 'out_of_range']],
      ratio_lo: [[60, 'inconsistent']],
      u_oil_ml: [[-1, 'out_of_range']],
    },
  },
  mix_lean_shift: {
    good: { ratio_from: 50, ratio_to: 32 },
    bad: { ratio_from: [[5, 'out_of_range']], mode: [['mass', 'bad_choice']], rho_fuel: [[0, 'out_of_range']] },
  },
  fuel_age: {
    good: { days: 20, fuel_type: 'e10' },
    bad: { days: [[-1, 'out_of_range']], fuel_type: [['diesel', 'bad_choice']], stabilised: [['yes', 'bad_choice']] },
  },
  fuel_water: {
    good: { ethanol_pct: 10, temp_c: 15, water_ml: 5, fuel_ml: 5000 },
    bad: {
      ethanol_pct: [[16, 'out_of_range']],
      temp_c: [[-31, 'out_of_range']],
      water_ml: [[-1, 'out_of_range']],
      fuel_ml: [[0, 'out_of_range']],
    },
  },
  leakdown: {
    good: { p_reg_kpa: 700, p_cyl_kpa: 600 },
    bad: {
      p_reg_kpa: [
        [99, 'out_of_range'],
        [1101, 'out_of_range'],
      ],
      p_cyl_kpa: [
        [-1, 'out_of_range'],
        [701, 'inconsistent'],
      ],
      orifice_mm: [
        [0.2, 'out_of_range'],
        [5, 'out_of_range'],
      ],
    },
  },
  leakdown_percent_for: { good: { area_mm2: 0.5, p_reg_kpa: 700 }, bad: { area_mm2: [[-1, 'out_of_range']] } },
  leakdown_class: {
    good: { leak_pct: 12, engine_class: 'air_4s' },
    bad: { leak_pct: [[101, 'out_of_range']], engine_class: [['steam', 'bad_choice']] },
  },
  leak_path: {
    good: { heard: ['intake'] },
    bad: {
      heard: [
        ['tappet', 'not_a_number'],
        [['tappet'], 'bad_choice'],
        [['crankcase'], 'bad_choice'],
      ],
      strokes: [
        [3, 'bad_choice'],
        ['four', 'not_a_number'],
      ],
    },
  },
  crankcase_test: {
    good: { p0_kpa: 40, p1_kpa: 37, seconds: 30 },
    bad: {
      p0_kpa: [
        [9, 'out_of_range'],
        [71, 'out_of_range'],
        [-81, 'out_of_range'],
      ],
      p1_kpa: [
        [-37, 'inconsistent'],
        [41, 'inconsistent'],
      ],
      seconds: [[4, 'out_of_range']],
      engine_class: [['boat', 'bad_choice']],
      volume_ml: [[0, 'out_of_range']],
    },
  },
  debris_image: {
    good: { mask: ['0110', '0110'], um_per_px: 20 },
    bad: {
      mask: [
        [[], 'too_few'],
        [['01', '0'], 'inconsistent'],
        [['0x'], 'bad_choice'],
      ],
      um_per_px: [[0, 'out_of_range']],
      min_px: [[0, 'out_of_range']],
    },
  },
  thermal_size: {
    good: { size20_mm: 52, temp_c: 100, material: 'grey_iron' },
    bad: { size20_mm: [[0, 'out_of_range']], temp_c: [[601, 'out_of_range']], material: [['wood', 'bad_choice']] },
  },
  hot_clearance: {
    good: { bore20_mm: 52, piston20_mm: 51.95, bore_temp_c: 110, piston_temp_c: 130 },
    bad: {
      bore20_mm: [[0, 'out_of_range']],
      bore_temp_c: [[-61, 'out_of_range']],
      piston_material: [['cheese', 'bad_choice']],
    },
  },
  guard_band: {
    good: { value: 5, upper: 6, U: 0.1 },
    bad: {
      value: [['5', 'not_a_number']],
      lower: [[7, 'inconsistent']],
      U: [[-1, 'out_of_range']],
      upper: [[null, 'missing']],
      g: [[-1, 'out_of_range']],
    },
  },
  uncertainty: {
    good: { resolution_mm: 0.01 },
    bad: {
      resolution_mm: [[-1, 'out_of_range']],
      repeats_mm: [[[5], 'too_few']],
      temp_u_c: [[1, 'missing']],
      k: [[0, 'out_of_range']],
    },
  },
  conform_probability: {
    good: { value: 5, upper: 6, u: 0.5 },
    bad: { u: [[0, 'out_of_range']], upper: [[true, 'not_a_number']] },
  },
  bore_grid: {
    good: { readings_mm: [[52, 52]], nominal_mm: 52 },
    bad: {
      readings_mm: [
        [[], 'too_few'],
        [[[52]], 'too_few'],
        [[[52, 'x']], 'not_a_number'],
        [[[520, 52]], 'out_of_range'],
        [7, 'not_a_number'],
      ],
      nominal_mm: [
        [14, 'out_of_range'],
        [201, 'out_of_range'],
      ],
      wear_limit_mm: [[-1, 'out_of_range']],
    },
  },
  bore_oversize: {
    good: { nominal_mm: 52, largest_mm: 52.1, sizes_mm: [] },
    bad: {
      largest_mm: [[201, 'out_of_range']],
      sizes_mm: [
        [[-0.25], 'out_of_range'],
        [0.5, 'not_a_number'],
      ],
      hold_centre: [[1, 'bad_choice']],
      bore_type: [['tin', 'bad_choice']],
    },
  },
  bore_temp_correct: {
    good: { reading_mm: 52, part_temp_c: 30, part_material: 'steel' },
    bad: {
      reading_mm: [[0, 'out_of_range']],
      part_temp_c: [
        [251, 'out_of_range'],
        [-21, 'out_of_range'],
      ],
      part_material: [['tin', 'bad_choice']],
    },
  },
  ring_gap: {
    good: { bore_mm: 52, gap_mm: 0.3, ring_class: 'two_stroke' },
    bad: { bore_mm: [[14, 'out_of_range']], gap_mm: [[-0.1, 'out_of_range']], ring_class: [['top', 'bad_choice']] },
  },
  ring_radial_wear: {
    good: { gap_now_mm: 0.5, gap_new_mm: 0.2, bore_now_mm: 52, bore_new_mm: 52 },
    bad: { gap_now_mm: [[-1, 'out_of_range']], bore_now_mm: [[201, 'out_of_range']] },
  },
  ring_side: {
    good: { groove_mm: 1.55, ring_mm: 1.5 },
    bad: { groove_mm: [[0, 'out_of_range']], limit_mm: [[-1, 'out_of_range']] },
  },
  ring_free_gap: {
    good: { bore_mm: 52, free_gap_mm: 6 },
    bad: { free_gap_mm: [[-1, 'out_of_range']], new_free_gap_mm: [[0, 'out_of_range']] },
  },
  ring_hot_gap: {
    good: { bore_mm: 52, gap_cold_mm: 0.25, ring_rise_c: 160, bore_rise_c: 90 },
    bad: { ring_rise_c: [[601, 'out_of_range']], ring_material: [['tin', 'bad_choice']] },
  },
  static_cr: {
    good: { bore_mm: 52, stroke_mm: 50, head_cc: 10, gasket_mm: 0.6 },
    bad: { bore_mm: [[9, 'out_of_range']], head_cc: [[-1, 'out_of_range']], dish_cc: [[-20, 'inconsistent']] },
  },
  base_gasket: {
    good: { squish_now_mm: 1.3, gasket_now_mm: 0.5, available_mm: [0.5], target_squish_mm: 1, min_squish_mm: 0.9 },
    bad: { cr_max: [[9, 'missing']], available_mm: [[[-1], 'out_of_range']] },
  },
  base_gasket_for_cr: {
    good: { clearance_now_cc: 12, bore_mm: 52, stroke_mm: 50, target_cr: 9 },
    bad: { clearance_now_cc: [[0, 'out_of_range']], target_cr: [[2, 'out_of_range']] },
  },
  squish_solder: { good: { left_mm: 1, right_mm: 1.05 }, bad: { left_mm: [[-1, 'out_of_range']] } },
  port_duration: {
    good: { stroke_mm: 50, rod_mm: 100, port_from_tdc_mm: 30 },
    bad: {
      port_from_tdc_mm: [
        [51, 'inconsistent'],
        [-1, 'out_of_range'],
      ],
      rod_mm: [[20, 'inconsistent']],
    },
  },
  journal_grid: {
    good: { readings_mm: [[25, 25]], nominal_mm: 25 },
    bad: {
      readings_mm: [
        [[], 'too_few'],
        [[[30, 25]], 'out_of_range'],
      ],
      nominal_mm: [
        [4, 'out_of_range'],
        [151, 'out_of_range'],
      ],
    },
  },
  journal_undersize: {
    good: { nominal_mm: 25, smallest_mm: 24.9, sizes_mm: [] },
    bad: { smallest_mm: [[20, 'out_of_range']], sizes_mm: [[[-1], 'out_of_range']] },
  },
  plain_clearance: { good: { journal_mm: 25, clearance_mm: -0.01 }, bad: { journal_mm: [[4, 'out_of_range']] } },
  runout: { good: { tir_mm: 0.04 }, bad: { tir_mm: [[-1, 'out_of_range']], limit_tir_mm: [[-1, 'out_of_range']] } },
  big_end_from_shake: {
    good: { tip_total_mm: 0.8, rod_mm: 90, bearing_width_mm: 15 },
    bad: { rod_mm: [[14, 'out_of_range']], bearing_width_mm: [[0, 'out_of_range']] },
  },
  big_end_check: { good: { radial_mm: 0, side_mm: 0.3 }, bad: { radial_mm: [[-1, 'out_of_range']] } },
  main_play: {
    good: { radial_mm: 0, axial_mm: 0 },
    bad: { rough: [['yes', 'bad_choice']], axial_mm: [[-1, 'out_of_range']] },
  },
  lash_check: {
    good: { measured_mm: 0.1, lo_mm: 0.1, hi_mm: 0.15 },
    bad: {
      measured_mm: [
        [-0.1, 'out_of_range'],
        [3.1, 'out_of_range'],
      ],
      lo_mm: [
        [0, 'out_of_range'],
        [0.2, 'inconsistent'],
      ],
    },
  },
  shim_select: {
    good: { old_shim_mm: 2.6, measured_mm: 0.05, lo_mm: 0.1, hi_mm: 0.16, available_mm: [] },
    bad: {
      old_shim_mm: [[0.4, 'out_of_range']],
      available_mm: [[[7], 'out_of_range']],
      target_mm: [[0.2, 'out_of_range']],
      lo_mm: [[0.2, 'inconsistent']],
    },
  },
  screw_turns: {
    good: { measured_mm: 0.2, target_mm: 0.1, pitch_mm: 0.75 },
    bad: {
      pitch_mm: [
        [0.1, 'out_of_range'],
        [2.1, 'out_of_range'],
      ],
      rocker_ratio: [
        [0.4, 'out_of_range'],
        [3.1, 'out_of_range'],
      ],
    },
  },
  guide_clearance: {
    good: { wobble_mm: 0.1, guide_length_mm: 35, height_mm: 10 },
    bad: { guide_length_mm: [[0, 'out_of_range']], wobble_mm: [[-1, 'out_of_range']] },
  },
  seat_check: {
    good: { width_mm: 1, margin_mm: 0.8 },
    bad: { width_mm: [[-1, 'out_of_range']], margin_limit_mm: [[-1, 'out_of_range']] },
  },
  liquid_leak: {
    good: { drops_per_min: 0 },
    bad: { drops_per_min: [[-1, 'out_of_range']], damp: [[0, 'bad_choice']] },
  },
  spring_check: {
    good: { free_mm: 30, new_free_mm: 31 },
    bad: { free_mm: [[0, 'out_of_range']], installed_mm: [[31, 'inconsistent']] },
  },
  pump_clearances: {
    good: { tip_mm: 0.1 },
    bad: {
      tip_mm: [
        [null, 'missing'],
        [-1, 'out_of_range'],
      ],
      limits_mm: [
        [{ ring: 1 }, 'bad_choice'],
        [{ tip: [0.3, 0.2] }, 'inconsistent'],
        [{ tip: [0.3] }, 'too_few'],
        [{ tip: 'x' }, 'not_a_number'],
        [[], 'not_a_number'],
      ],
    },
  },
  pump_pressure: {
    good: { disp_cc_per_rev: 3, pump_rpm: 2000, orifice_mm2: 3 },
    bad: { pump_rpm: [[25001, 'out_of_range']], orifice_mm2: [[0, 'inconsistent']], cd: [[0, 'out_of_range']] },
  },
  oring_leak: { good: { ring_dia_mm: 20, gap_mm: 0.1 }, bad: { ring_dia_mm: [[0, 'out_of_range']] } },
  slip_scale: {
    good: { slip0_lpm_per_kpa: 0.002, clearance0_mm: 0.05, clearance_mm: 0.1 },
    bad: { clearance0_mm: [[0, 'out_of_range']], visc_ratio: [[0, 'out_of_range']] },
  },
  gap_check: {
    good: { kind: 'plug', gap_mm: 0.7 },
    bad: { kind: [['door', 'bad_choice']], lo_mm: [[0.5, 'missing']], hi_mm: [[0.5, 'missing']] },
  },
  key_shift: {
    good: { offset_mm: 4, radius_mm: 75 },
    bad: { radius_mm: [[0, 'out_of_range']], offset_mm: [[300, 'inconsistent']] },
  },
  btdc_mm: {
    good: { deg_btdc: 20, stroke_mm: 54, rod_mm: 110 },
    bad: { deg_btdc: [[91, 'out_of_range']], rod_mm: [[20, 'inconsistent']] },
  },
  btdc_deg: {
    good: { mm_btdc: 2, stroke_mm: 54, rod_mm: 110 },
    bad: {
      mm_btdc: [
        [28, 'out_of_range'],
        [-1, 'out_of_range'],
      ],
    },
  },
}

describe('every input of every calculator', () => {
  it('is in this table', () => {
    expect(Object.keys(INPUTS).sort()).toEqual([...CALCULATORS.keys()].sort())
  })

  describe.each(Object.entries(INPUTS))('%s', (name, { good, bad }) => {
    it('takes what is right, and null for what may be left out', () => {
      const optional = Object.keys(CALCULATORS.get(name)!.input.schema().properties as object).filter(f => !(f in good))
      expect(calc(name, { ...good, ...Object.fromEntries(optional.map(f => [f, null])) })).toEqual(calc(name, good))
    })

    it('misses each required field', () => {
      for (const field of CALCULATORS.get(name)!.input.schema().required as string[])
        expect(refusal(name, { ...good, [field]: undefined })).toBe(`missing ${field}`)
    })

    it('refuses each wrong value with its code and names the field', () => {
      for (const [field, values] of Object.entries(bad)) {
        for (const [value, code] of values) {
          const [gotCode, gotField] = refusal(name, { ...good, [field]: value }).split(' ')
          expect(gotCode, `${field} = ${JSON.stringify(value)}`).toBe(code)
          // a contradiction may be named by either of its fields
          if (code !== 'inconsistent' && code !== 'missing') expect(gotField?.split(/[.[]/)[0]).toBe(field)
        }
      }
    })
  })
})
