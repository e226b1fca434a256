import { FUEL_TYPES, fuelAge, fuelWater } from '../mix/fuelAge'
import { mixBlend } from '../mix/mixBlend'
import { mixCorrect } from '../mix/mixCorrect'
import { mixForTotal, mixOil, mixRatio, pctToRatio } from '../mix/mixMake'
import { mixInjection, mixLeanShift, mixStepRicher, RICHER_REASONS } from '../mix/mixSchools'
import { calculator } from './calculator'
import { choice, flag, list, num } from './fields'
import { opt } from './objectField'
import { aboveZero, chance, fromZero, volume, volumeAboveZero } from './ranges'

const ratio = () => num({ min: 8, max: 200 })
const tolerance = () => opt(chance(), 0.02)

export const MIX_CALCULATORS = [
  calculator('mix_oil', 'Oil for a known amount of fuel', { fuel_ml: volumeAboveZero(), ratio: ratio() }, mixOil),
  calculator(
    'mix_for_total',
    'Oil and fuel that fill a can',
    { total_ml: volumeAboveZero(), ratio: ratio() },
    mixForTotal,
  ),
  calculator('mix_ratio', 'What a can holds', { fuel_ml: volumeAboveZero(), oil_ml: volume() }, mixRatio),
  calculator(
    'pct_to_ratio',
    'A ratio from per cent',
    { pct: num({ above: 0, max: 20 }), basis: opt(choice(['fuel', 'mix']), 'fuel') },
    pctToRatio,
  ),
  calculator(
    'mix_correct',
    'A wrong can put right',
    {
      fuel_ml: volume(),
      oil_ml: volume(),
      target_ratio: ratio(),
      capacity_ml: volumeAboveZero(),
      tol_frac: tolerance(),
    },
    mixCorrect,
  ),
  calculator(
    'mix_blend',
    'Fresh fuel onto a remainder',
    {
      remainder_ml: volume(),
      remainder_ratio: opt(num({ min: 1, max: 1000 })),
      fresh_fuel_ml: volume(),
      target_ratio: ratio(),
      tol_frac: tolerance(),
    },
    mixBlend,
  ),
  calculator(
    'mix_step_richer',
    'The richer school',
    { base_ratio: ratio(), reasons: list(choice(RICHER_REASONS)), floor_ratio: opt(ratio(), 16) },
    mixStepRicher,
  ),
  calculator(
    'mix_injection',
    'An oil pump by what it used',
    {
      oil_used_ml: volume(),
      fuel_used_ml: volumeAboveZero(),
      ratio_lo: ratio(),
      ratio_hi: ratio(),
      u_oil_ml: opt(fromZero(), 0),
      u_fuel_ml: opt(fromZero(), 0),
    },
    mixInjection,
  ),
  calculator(
    'mix_lean_shift',
    'How much leaner more oil makes it',
    {
      ratio_from: ratio(),
      ratio_to: ratio(),
      mode: opt(choice(['volume', 'density']), 'volume'),
      rho_fuel: opt(aboveZero(), 0.745),
      rho_oil: opt(aboveZero(), 0.87),
    },
    mixLeanShift,
  ),
  calculator(
    'fuel_age',
    'Whether fuel can still be used',
    { days: fromZero(), fuel_type: choice(FUEL_TYPES), stabilised: opt(flag(), false) },
    fuelAge,
  ),
  calculator(
    'fuel_water',
    'Whether water parts from fuel',
    {
      ethanol_pct: num({ min: 0, max: 15 }),
      temp_c: num({ min: -30, max: 45 }),
      water_ml: volume(),
      fuel_ml: volumeAboveZero(),
    },
    fuelWater,
  ),
]
