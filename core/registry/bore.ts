import { BORE_TYPES, boreGrid, boreOversize, boreTempCorrect } from '../measure/bore'
import { RING_BANDS, ringFreeGap, ringGap, ringHotGap, ringRadialWear, ringSide } from '../measure/rings'
import { baseGasket, baseGasketForCr, portDuration, squishSolder, staticCr } from '../measure/squish'
import { calculator } from './calculator'
import { choice, flag, list, num } from './fields'
import { absent, missing } from './fieldTypes'
import { opt } from './objectField'
import { aboveZero, airC, engineMm, fromZero, ratio, rodMm, signed } from './ranges'
import { bore, grid, material, riseC } from './sizes'

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
