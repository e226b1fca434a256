import { GAP_BANDS, btdcDeg, btdcMm, gapCheck, keyShift } from '../measure/ignition'
import { calculator } from './calculator'
import { choice, flag, num } from './fields'
import { opt } from './objectField'
import { both } from './pump'
import { aboveZero, engineMm, fromZero, rodMm, signed } from './ranges'

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
