import { BORE_TYPES, boreGrid, boreOversize, boreTempCorrect } from '../measure/bore'
import {
  bigEndCheck,
  bigEndFromShake,
  journalGrid,
  journalUndersize,
  mainPlay,
  plainClearance,
  runout,
} from '../measure/crank'
import { btdcDeg, btdcMm, GAP_BANDS, gapCheck, keyShift } from '../measure/ignition'
import { oringLeak, PUMP_LIMITS, pumpClearances, pumpPressure, slipScale } from '../measure/oilPump'
import { RING_BANDS, ringFreeGap, ringGap, ringHotGap, ringRadialWear, ringSide } from '../measure/rings'
import { baseGasket, baseGasketForCr, portDuration, squishSolder, staticCr } from '../measure/squish'
import {
  guideClearance,
  lashCheck,
  liquidLeak,
  screwTurns,
  seatCheck,
  shimSelect,
  springCheck,
} from '../measure/valves'
import { EXPANSION } from '../wear/thermal'
import { calculator } from './calculator'
import type { Field, Issue } from './fields'
import { absent, choice, flag, list, missing, num, opt, row } from './fields'
import { aboveZero, airC, engineMm, fromZero, ratio, rodMm, signed } from './ranges'

const bore = () => num({ min: 15, max: 200 })
const journal = () => num({ min: 5, max: 150 })
const lash = () => num({ min: 0, max: 3 })
const lashEnd = () => num({ above: 0, max: 3 })
const shim = () => num({ min: 0.5, max: 6 })
const material = () => choice(Object.keys(EXPANSION))
const riseC = () => num({ min: -60, max: 600 })
const grid = () => list(row([aboveZero(), aboveZero()]), 1)

/** A limit by place: one figure, or new and limit. */
function pumpLimits(): Field {
  const places = Object.keys(PUMP_LIMITS)
  const [one, two] = [fromZero(), row([fromZero(), fromZero()])]
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'object' || value === null || Array.isArray(value)) {
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be an object with any of ${places.join(', ')}.`,
        })
        return {}
      }
      return Object.fromEntries(
        Object.entries(value)
          .filter(([, v]) => !absent(v))
          .map(([place, v]) => {
            const at = `${path}.${place}`
            if (!places.includes(place))
              issues.push({
                step: 2,
                code: 'bad_choice',
                field: at,
                message: `${at} is no place of a pump; use ${places.join(', ')}.`,
              })
            return [place, (Array.isArray(v) ? two : one).parse(v, at, issues)]
          }),
      )
    },
    schema: () => ({
      type: 'object',
      properties: Object.fromEntries(places.map(p => [p, { anyOf: [one.schema(), two.schema()] }])),
      additionalProperties: false,
    }),
  }
}

const both =
  (lo: string, hi: string) =>
  (given: Record<string, unknown>, prefix: string): Issue[] =>
    absent(given[lo]) === absent(given[hi])
      ? []
      : [missing(prefix + (absent(given[lo]) ? lo : hi), 'give both ends of the band, or neither.')]

export const BORE_CALCULATORS = [
  calculator(
    'bore_grid',
    'A bore from its readings',
    {
      readings_mm: grid(),
      nominal_mm: bore(),
      piston_mm: opt(aboveZero()),
      wear_limit_mm: opt(fromZero()),
      taper_limit_mm: opt(fromZero()),
      oor_limit_mm: opt(fromZero()),
    },
    boreGrid,
  ),
  calculator(
    'bore_oversize',
    'The oversize that cleans it up',
    {
      nominal_mm: bore(),
      largest_mm: bore(),
      sizes_mm: list(fromZero()),
      min_cut_dia_mm: opt(fromZero(), 0.05),
      hone_dia_mm: opt(fromZero(), 0.05),
      hold_centre: opt(flag(), false),
      bore_type: opt(choice(BORE_TYPES), 'grey_iron'),
      max_oversize_mm: opt(fromZero()),
      wear_limit_mm: opt(fromZero(), 0.05),
    },
    boreOversize,
  ),
  calculator(
    'bore_temp_correct',
    'A warm reading at 20 °C',
    {
      reading_mm: aboveZero(),
      part_temp_c: num({ min: -20, max: 250 }),
      part_material: material(),
      gauge_temp_c: opt(airC(), 20),
      gauge_material: opt(material(), 'steel'),
    },
    boreTempCorrect,
  ),
  calculator(
    'ring_gap',
    "A ring's end gap",
    { bore_mm: bore(), gap_mm: fromZero(), ring_class: choice(Object.keys(RING_BANDS)), limit_mm: opt(fromZero()) },
    ringGap,
  ),
  calculator(
    'ring_radial_wear',
    'Gap growth: bore or ring',
    { gap_now_mm: fromZero(), gap_new_mm: fromZero(), bore_now_mm: bore(), bore_new_mm: bore() },
    ringRadialWear,
  ),
  calculator(
    'ring_side',
    'A ring in its groove',
    { groove_mm: aboveZero(), ring_mm: aboveZero(), limit_mm: opt(fromZero(), 0.15) },
    ringSide,
  ),
  calculator(
    'ring_free_gap',
    'Whether a ring still springs',
    { bore_mm: bore(), free_gap_mm: fromZero(), new_free_gap_mm: opt(aboveZero()) },
    ringFreeGap,
  ),
  calculator(
    'ring_hot_gap',
    'The gap that is left hot',
    {
      bore_mm: bore(),
      gap_cold_mm: fromZero(),
      ring_rise_c: riseC(),
      bore_rise_c: riseC(),
      ring_material: opt(material(), 'grey_iron'),
      bore_material: opt(material(), 'grey_iron'),
    },
    ringHotGap,
  ),
  calculator(
    'static_cr',
    'Compression ratio from volumes',
    {
      bore_mm: engineMm(),
      stroke_mm: engineMm(),
      head_cc: fromZero(),
      gasket_bore_mm: opt(engineMm()),
      gasket_mm: fromZero(),
      deck_mm: opt(signed(), 0),
      dish_cc: opt(signed(), 0),
    },
    staticCr,
  ),
  calculator(
    'base_gasket',
    'Gasket for a squish',
    {
      squish_now_mm: fromZero(),
      gasket_now_mm: fromZero(),
      available_mm: list(fromZero()),
      target_squish_mm: fromZero(),
      min_squish_mm: fromZero(),
      bore_mm: opt(engineMm()),
      stroke_mm: opt(engineMm()),
      clearance_now_cc: opt(aboveZero()),
      cr_max: opt(ratio()),
    },
    baseGasket,
    (given, prefix) =>
      absent(given.cr_max)
        ? []
        : ['bore_mm', 'stroke_mm', 'clearance_now_cc']
            .filter(name => absent(given[name]))
            .map(name => missing(prefix + name, 'a largest ratio needs bore, stroke and clearance.')),
  ),
  calculator(
    'base_gasket_for_cr',
    'Gasket for a ratio',
    { clearance_now_cc: aboveZero(), bore_mm: engineMm(), stroke_mm: engineMm(), target_cr: ratio() },
    baseGasketForCr,
  ),
  calculator(
    'squish_solder',
    'Two wires of solder',
    { left_mm: fromZero(), right_mm: fromZero(), tilt_limit_mm: opt(fromZero(), 0.1) },
    squishSolder,
  ),
  calculator(
    'port_duration',
    'How long a port is open',
    { stroke_mm: engineMm(), rod_mm: rodMm(), port_from_tdc_mm: fromZero(), barrel_raise_mm: opt(signed(), 0) },
    portDuration,
  ),
]

export const CRANK_CALCULATORS = [
  calculator(
    'journal_grid',
    'A journal from its readings',
    { readings_mm: grid(), nominal_mm: journal(), housing_mm: opt(aboveZero()) },
    journalGrid,
  ),
  calculator(
    'journal_undersize',
    'The undersize that cleans it up',
    {
      nominal_mm: journal(),
      smallest_mm: aboveZero(),
      sizes_mm: list(fromZero()),
      min_grind_dia_mm: opt(fromZero(), 0.05),
    },
    journalUndersize,
  ),
  calculator(
    'plain_clearance',
    'Clearance of a plain bearing',
    { journal_mm: journal(), clearance_mm: signed(), limit_mm: opt(fromZero()) },
    plainClearance,
  ),
  calculator('runout', 'Run-out of a shaft', { tir_mm: fromZero(), limit_tir_mm: opt(fromZero(), 0.05) }, runout),
  calculator(
    'big_end_from_shake',
    'Big-end play from a rock of the rod',
    { tip_total_mm: fromZero(), rod_mm: rodMm(), bearing_width_mm: aboveZero() },
    bigEndFromShake,
  ),
  calculator(
    'big_end_check',
    'A roller big end',
    {
      radial_mm: fromZero(),
      side_mm: fromZero(),
      radial_limit_mm: opt(fromZero(), 0.05),
      side_limit_mm: opt(fromZero(), 0.8),
    },
    bigEndCheck,
  ),
  calculator(
    'main_play',
    'A main bearing',
    {
      radial_mm: fromZero(),
      axial_mm: fromZero(),
      radial_limit_mm: opt(fromZero(), 0.05),
      axial_limit_mm: opt(fromZero(), 0.5),
      rough: opt(flag(), false),
    },
    mainPlay,
  ),
]

export const VALVE_CALCULATORS = [
  calculator(
    'lash_check',
    'Lash against its band',
    { measured_mm: lash(), lo_mm: lashEnd(), hi_mm: lashEnd() },
    lashCheck,
  ),
  calculator(
    'shim_select',
    'Which shim',
    {
      old_shim_mm: shim(),
      measured_mm: lash(),
      lo_mm: lash(),
      hi_mm: lash(),
      available_mm: list(shim()),
      target_mm: opt(lash()),
    },
    shimSelect,
  ),
  calculator(
    'screw_turns',
    'Turns of the adjusting screw',
    {
      measured_mm: lash(),
      target_mm: lash(),
      pitch_mm: num({ min: 0.2, max: 2 }),
      rocker_ratio: opt(num({ min: 0.5, max: 3 }), 1),
    },
    screwTurns,
  ),
  calculator(
    'guide_clearance',
    'A guide from the wobble of its valve',
    { wobble_mm: fromZero(), guide_length_mm: aboveZero(), height_mm: fromZero(), limit_mm: opt(fromZero(), 0.1) },
    guideClearance,
  ),
  calculator(
    'seat_check',
    'A seat and its valve',
    {
      width_mm: fromZero(),
      margin_mm: fromZero(),
      width_lo_mm: opt(fromZero(), 0.8),
      width_hi_mm: opt(fromZero(), 1.5),
      width_limit_mm: opt(fromZero(), 2.0),
      margin_limit_mm: opt(fromZero(), 0.5),
    },
    seatCheck,
  ),
  calculator(
    'liquid_leak',
    'Solvent in the port',
    { drops_per_min: fromZero(), damp: opt(flag(), false), stream: opt(flag(), false) },
    liquidLeak,
  ),
  calculator(
    'spring_check',
    'A valve spring',
    {
      free_mm: aboveZero(),
      new_free_mm: aboveZero(),
      limit_mm: opt(fromZero()),
      rate_n_per_mm: opt(fromZero()),
      installed_mm: opt(aboveZero()),
    },
    springCheck,
  ),
]

export const PUMP_CALCULATORS = [
  calculator(
    'pump_clearances',
    'A rotor pump',
    { tip_mm: opt(fromZero()), side_mm: opt(fromZero()), body_mm: opt(fromZero()), limits_mm: opt(pumpLimits(), {}) },
    pumpClearances,
    (given, prefix) =>
      ['tip_mm', 'side_mm', 'body_mm'].every(name => absent(given[name]))
        ? [missing(`${prefix}tip_mm`, 'measure one of tip, side and body at least.')]
        : [],
  ),
  calculator(
    'pump_pressure',
    'Oil pressure with and without a leak',
    {
      disp_cc_per_rev: fromZero(),
      pump_rpm: num({ min: 0, max: 25000 }),
      slip_lpm_per_kpa: opt(fromZero(), 0),
      bearing_lpm_per_kpa: opt(fromZero(), 0),
      orifice_mm2: fromZero(),
      leak_mm2: opt(fromZero(), 0),
      relief_kpa: opt(fromZero()),
      relief_lpm_per_kpa: opt(fromZero(), 0.5),
      cd: opt(aboveZero(), 0.65),
      rho: opt(aboveZero(), 860),
    },
    pumpPressure,
  ),
  calculator('oring_leak', 'A flattened O-ring as a leak', { ring_dia_mm: aboveZero(), gap_mm: fromZero() }, oringLeak),
  calculator(
    'slip_scale',
    "A pump's slip at another clearance",
    {
      slip0_lpm_per_kpa: fromZero(),
      clearance0_mm: aboveZero(),
      clearance_mm: fromZero(),
      visc_ratio: opt(aboveZero(), 1),
    },
    slipScale,
  ),
]

export const IGNITION_CALCULATORS = [
  calculator(
    'gap_check',
    'A plug, coil or points gap',
    { kind: choice(Object.keys(GAP_BANDS)), gap_mm: fromZero(), lo_mm: opt(fromZero()), hi_mm: opt(fromZero()) },
    gapCheck,
    both('lo_mm', 'hi_mm'),
  ),
  calculator(
    'key_shift',
    'What a sheared key does to the timing',
    {
      offset_mm: signed(),
      radius_mm: aboveZero(),
      measured: opt(choice(['arc', 'chord']), 'arc'),
      flywheel_ahead: opt(flag(), true),
    },
    keyShift,
  ),
  calculator(
    'btdc_mm',
    'Piston height at an angle',
    { deg_btdc: num({ min: 0, max: 90 }), stroke_mm: engineMm(), rod_mm: rodMm() },
    btdcMm,
  ),
  calculator(
    'btdc_deg',
    'Angle at a piston height',
    { mm_btdc: fromZero(), stroke_mm: engineMm(), rod_mm: rodMm() },
    btdcDeg,
    (given, prefix) =>
      typeof given.mm_btdc === 'number' && typeof given.stroke_mm === 'number' && given.mm_btdc > given.stroke_mm / 2
        ? [
            {
              step: 2,
              code: 'out_of_range',
              field: `${prefix}mm_btdc`,
              message: `mm_btdc is ${given.mm_btdc}; it must be at most half the stroke, ${given.stroke_mm / 2}.`,
            },
          ]
        : [],
  ),
]
