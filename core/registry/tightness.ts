import { crankcaseTest } from '../compression/crankcaseTest'
import { LEAK_CLASSES, leakdown, leakdownClass, leakdownPercentFor, leakPath } from '../compression/leakdown'
import { debrisImage } from '../debris/debrisImage'
import { STANDARD_KPA } from '../units/gaugeToAbs'
import { EXPANSION, hotClearance, thermalSize } from '../wear/thermal'
import { conformProbability, guardBand, uncertainty } from '../wear/uncertainty'
import { calculator } from './calculator'
import { choice, list, num, oneOf, text } from './fields'
import { absent, missing } from './fieldTypes'
import { opt } from './objectField'
import { aboveZero, airC, ambientKpa, fromZero, percent, signed } from './ranges'

const around = () => opt(ambientKpa(), STANDARD_KPA)
const regulator = () => num({ min: 100, max: 1100 })
const orifice = () => opt(num({ min: 0.3, max: 4 }), 1)
const crankcaseKpa = () => num({ min: -80, max: 70 })
const partC = () => num({ min: -60, max: 600 })
const material = () => choice(Object.keys(EXPANSION))

export const TIGHTNESS_CALCULATORS = [
  calculator(
    'leakdown',
    'The size of a leak',
    { p_reg_kpa: regulator(), p_cyl_kpa: fromZero(), orifice_mm: orifice(), p_amb_kpa: around() },
    leakdown,
  ),
  calculator(
    'leakdown_percent_for',
    'What a tester shows for a leak',
    { area_mm2: fromZero(), p_reg_kpa: regulator(), orifice_mm: orifice(), p_amb_kpa: around() },
    leakdownPercentFor,
  ),
  calculator(
    'leakdown_class',
    'How good a cylinder is',
    { leak_pct: percent(), engine_class: choice(LEAK_CLASSES) },
    leakdownClass,
  ),
  calculator('leak_path', 'Where the air goes', { heard: list(text()), strokes: opt(oneOf([4, 2]), 4) }, leakPath),
  calculator(
    'crankcase_test',
    'A two-stroke crankcase under pressure or vacuum',
    {
      p0_kpa: crankcaseKpa(),
      p1_kpa: crankcaseKpa(),
      seconds: num({ min: 5, max: 3600 }),
      engine_class: opt(choice(['vehicle', 'handheld']), 'vehicle'),
      volume_ml: opt(aboveZero()),
      p_amb_kpa: around(),
      temp_c: opt(airC(), 20),
    },
    crankcaseTest,
  ),
  calculator(
    'debris_image',
    'Particles on a picture',
    { mask: list(text(), 1), um_per_px: aboveZero(), min_px: opt(num({ min: 1 }), 4) },
    debrisImage,
  ),
]

export const MEASURE_CALCULATORS = [
  calculator(
    'thermal_size',
    'A size at temperature',
    { size20_mm: aboveZero(), temp_c: partC(), material: material() },
    thermalSize,
  ),
  calculator(
    'hot_clearance',
    'Clearance of a running piston',
    {
      bore20_mm: aboveZero(),
      piston20_mm: aboveZero(),
      bore_temp_c: partC(),
      piston_temp_c: partC(),
      bore_material: opt(material(), 'grey_iron'),
      piston_material: opt(material(), 'piston_al_si'),
    },
    hotClearance,
  ),
  calculator(
    'guard_band',
    'A measurement against its limits',
    { value: signed(), lower: opt(signed()), upper: opt(signed()), U: fromZero(), g: opt(fromZero(), 1) },
    guardBand,
    (given, prefix) =>
      absent(given.lower) && absent(given.upper)
        ? [missing(`${prefix}upper`, 'give a lower limit, an upper one, or both.')]
        : [],
  ),
  calculator(
    'uncertainty',
    'How sure a measurement is',
    {
      resolution_mm: opt(fromZero(), 0),
      repeats_mm: opt(list(signed(), 2)),
      cal_U_mm: opt(fromZero(), 0),
      size_mm: opt(aboveZero()),
      alpha_per_c: opt(fromZero()),
      temp_u_c: opt(fromZero(), 0),
      k: opt(aboveZero(), 2),
    },
    uncertainty,
    (given, prefix) =>
      typeof given.temp_u_c === 'number' && given.temp_u_c > 0
        ? ['size_mm', 'alpha_per_c']
            .filter(name => absent(given[name]))
            .map(name => missing(prefix + name, 'a doubtful temperature needs the size and its expansion.'))
        : [],
  ),
  calculator(
    'conform_probability',
    'Chance that it is within its limit',
    { value: signed(), upper: signed(), u: aboveZero() },
    conformProbability,
  ),
]
