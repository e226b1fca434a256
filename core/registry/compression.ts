import { ambientPressure, compToStandard } from '../compression/ambient'
import { compTrend } from '../compression/compTrend'
import { compVerdict } from '../compression/compVerdict'
import { crankingLeakSim } from '../compression/crankingLeakSim'
import { cylSpread } from '../compression/cylSpread'
import { dynamicCr, trappedCr } from '../compression/effectiveRatio'
import { expectedCranking } from '../compression/expectedCranking'
import { gaugeStrokes, hoseCorrect } from '../compression/gauge'
import { wetDry } from '../compression/wetDry'
import { STANDARD_KPA } from '../units/gaugeToAbs'
import { calculator } from './calculator'
import { choice, flag, list, num } from './fields'
import { absent, missing } from './fieldTypes'
import { object, opt } from './objectField'
import {
  aboveZero,
  airC,
  ambientKpa,
  chance,
  engineHours,
  engineMm,
  fromZero,
  gaugeKpa,
  limitKpa,
  polytropic,
  ratio,
  rodMm,
} from './ranges'

const altitude = () => num({ min: -500, max: 5500 })
const around = () => opt(ambientKpa(), STANDARD_KPA)
const exponent = () => opt(polytropic(), 1.25)

export const COMPRESSION_CALCULATORS = [
  calculator('ambient_pressure', 'Air pressure at a height', { altitude_m: altitude() }, ambientPressure),
  calculator(
    'comp_to_standard',
    'Compression as it would read at sea level',
    {
      p_gauge_kpa: gaugeKpa(),
      p_amb_kpa: opt(ambientKpa()),
      altitude_m: opt(altitude()),
      temp_c: opt(airC(), 15),
      mode: opt(choice(['pressure', 'density']), 'pressure'),
    },
    compToStandard,
  ),
  calculator(
    'dynamic_cr',
    'Four-stroke ratio from inlet closing',
    { static_cr: ratio(), stroke_mm: engineMm(), rod_mm: rodMm(), ivc_abdc_deg: num({ min: 0, max: 110 }) },
    dynamicCr,
  ),
  calculator(
    'trapped_cr',
    'Two-stroke ratio from exhaust closing',
    {
      full_cr: ratio(),
      stroke_mm: engineMm(),
      rod_mm: opt(rodMm()),
      exhaust_duration_deg: opt(num({ min: 80, max: 220 })),
      port_from_tdc_mm: opt(aboveZero()),
    },
    trappedCr,
    (given, prefix) =>
      absent(given.port_from_tdc_mm)
        ? ['rod_mm', 'exhaust_duration_deg']
            .filter(name => absent(given[name]))
            .map(name => missing(prefix + name, 'give the port height, or both rod length and exhaust duration.'))
        : [],
  ),
  calculator(
    'expected_cranking',
    'Compression to expect from the geometry',
    { eff_cr: num({ min: 2, max: 25 }), p_amb_kpa: around(), n: exponent(), fill: opt(num({ min: 0.3, max: 1.1 }), 1) },
    expectedCranking,
  ),
  calculator(
    'cranking_leak_sim',
    'What a leak does to a slow pull',
    {
      bore_mm: engineMm(),
      stroke_mm: engineMm(),
      rod_mm: rodMm(),
      static_cr: ratio(),
      close_abdc_deg: num({ min: 0, below: 180 }),
      rpm: num({ min: 20, max: 2000 }),
      leak_mm2: opt(num({ min: 0, max: 100 }), 0),
      p_amb_kpa: around(),
      temp_c: opt(airC(), 20),
      n: exponent(),
    },
    crankingLeakSim,
  ),
  calculator(
    'hose_correct',
    'Reading corrected for gauge hose volume',
    {
      p_gauge_kpa: gaugeKpa(),
      swept_eff_ml: aboveZero(),
      clearance_ml: aboveZero(),
      hose_ml: fromZero(),
      p_amb_kpa: around(),
      n: exponent(),
    },
    hoseCorrect,
  ),
  calculator(
    'gauge_strokes',
    'Pulls until the gauge shows it',
    {
      clearance_ml: aboveZero(),
      downstream_ml: fromZero(),
      p_peak_abs_kpa: aboveZero(),
      p_amb_kpa: around(),
      frac: opt(num({ above: 0, below: 1 }), 0.99),
    },
    gaugeStrokes,
  ),
  calculator(
    'comp_verdict',
    'A reading against its figure',
    {
      p_std_kpa: gaugeKpa(),
      limit_kpa: opt(limitKpa()),
      expected_kpa: opt(limitKpa()),
      auto_release: opt(flag(), false),
      release_disabled: opt(flag(), false),
      with_release_limit_kpa: opt(limitKpa()),
    },
    compVerdict,
    (given, prefix) =>
      !(given.auto_release === true && given.release_disabled !== true) &&
      absent(given.limit_kpa) &&
      absent(given.expected_kpa)
        ? [missing(`${prefix}limit_kpa`, 'give the limit from the sheet, or the reading to expect.')]
        : [],
  ),
  calculator(
    'wet_dry',
    'What a spoonful of oil did',
    {
      dry_kpa: gaugeKpa(),
      wet_kpa: gaugeKpa(),
      oil_ml: opt(fromZero(), 0),
      clearance_ml: opt(aboveZero()),
      swept_eff_ml: opt(aboveZero()),
      p_amb_kpa: around(),
      n: exponent(),
      priors: opt(object({ rings: chance(), top_end: chance(), both: chance() })),
      verdict: opt(choice(['pass', 'fail', 'below_expected', 'not_comparable'])),
    },
    wetDry,
  ),
  calculator('cyl_spread', 'How evenly the cylinders read', { readings_kpa: list(gaugeKpa(), 2) }, cylSpread),
  calculator(
    'comp_trend',
    'Compression over the hours',
    { hours: list(engineHours(), 2), p_std_kpa: list(gaugeKpa(), 2), limit_kpa: limitKpa() },
    compTrend,
  ),
]
