import { oilAdjust } from '../oil/oilAdjust'
import { oilConsumption } from '../oil/oilConsumption'
import { oilDilution } from '../oil/oilDilution'
import { oilDue } from '../oil/oilDue'
import { oilSeverity } from '../oil/oilSeverity'
import { oilTilt } from '../oil/oilTilt'
import { oilReading, oilVolume } from '../oil/fillTable'
import { gaugeToAbs, STANDARD_KPA } from '../units/gaugeToAbs'
import { unitConvert } from '../units/unitConvert'
import { unitRound } from '../units/unitRound'
import { calculator } from './calculator'
import { choice, list, num, unit } from './fields'
import { missing } from './fieldTypes'
import { opt } from './objectField'
import {
  aboveZero,
  ambientKpa,
  distanceAboveZero,
  distanceKm,
  fillPoint,
  fromZero,
  hours,
  hoursAboveZero,
  signed,
  volume,
  volumeAboveZero,
} from './ranges'

const readingKind = () => opt(choice(['level', 'ullage']), 'level')

export const UNIT_CALCULATORS = [
  calculator(
    'unit_convert',
    'A figure in another unit of the same kind',
    { value: signed(), from_unit: unit(), to_unit: unit() },
    unitConvert,
  ),
  calculator('unit_round', 'A figure rounded as its unit deserves', { value: signed(), unit: unit() }, unitRound),
  calculator(
    'gauge_to_abs',
    'Absolute pressure from a gauge reading',
    { p_gauge_kpa: signed(), p_amb_kpa: opt(ambientKpa(), STANDARD_KPA) },
    gaugeToAbs,
  ),
]

export const OIL_CALCULATORS = [
  calculator(
    'oil_volume',
    'Oil in the engine for a reading',
    { points: list(fillPoint(), 2), reading: signed(), kind: readingKind() },
    oilVolume,
  ),
  calculator(
    'oil_reading',
    'Where a volume of oil shows',
    { points: list(fillPoint(), 2), volume_ml: volume(), kind: readingKind() },
    oilReading,
  ),
  calculator(
    'oil_adjust',
    'Oil to add or draw off',
    { volume_now_ml: volume(), target_ml: volume(), dead_ml: opt(fromZero(), 5) },
    oilAdjust,
  ),
  calculator(
    'oil_severity',
    'How bad an oil level is',
    { volume_ml: volume(), min_ml: volume(), max_ml: volumeAboveZero(), capacity_ml: volumeAboveZero() },
    oilSeverity,
  ),
  calculator(
    'oil_tilt',
    'Level reading of a tilted machine',
    {
      reading_mm: fromZero(),
      tilt_deg: num({ min: 0, max: 30 }),
      offset_mm: signed(),
      stick_lean_deg: opt(num({ min: 0, max: 60 }), 0),
      sump_length_mm: opt(aboveZero()),
    },
    oilTilt,
  ),
  calculator(
    'oil_consumption',
    'Oil used per hour, distance and fuel',
    {
      v0_ml: volume(),
      v1_ml: volume(),
      added_ml: opt(volume(), 0),
      drained_ml: opt(volume(), 0),
      hours: opt(hoursAboveZero()),
      km: opt(distanceAboveZero()),
      fuel_ml: opt(volumeAboveZero()),
      u_reading_ml: opt(fromZero(), 0),
    },
    oilConsumption,
    (given, prefix) =>
      (given.hours ?? given.km ?? null) === null
        ? [missing(`${prefix}hours`, 'give the hours run, the distance, or both.')]
        : [],
  ),
  calculator(
    'oil_dilution',
    'Fuel in the oil',
    {
      v0_ml: volumeAboveZero(),
      v1_ml: volumeAboveZero(),
      added_ml: opt(volume(), 0),
      hours: hoursAboveZero(),
      normal_use_ml_per_h: opt(fromZero(), 0),
    },
    oilDilution,
  ),
  calculator(
    'oil_due',
    "How much of the oil's life is used",
    {
      interval_h: opt(hoursAboveZero()),
      interval_km: opt(distanceAboveZero()),
      interval_days: opt(aboveZero()),
      used_h: opt(hours(), 0),
      used_km: opt(distanceKm(), 0),
      used_days: opt(fromZero(), 0),
      rate_h_per_day: opt(fromZero()),
      rate_km_per_day: opt(fromZero()),
      duty_factor: opt(num({ min: 0.1, max: 1 }), 1),
    },
    oilDue,
    (given, prefix) =>
      (given.interval_h ?? given.interval_km ?? given.interval_days ?? null) === null
        ? [missing(`${prefix}interval_h`, 'give at least one interval: hours, km or days.')]
        : [],
  ),
]
