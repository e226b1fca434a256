import {
  guideClearance,
  lashCheck,
  liquidLeak,
  screwTurns,
  seatCheck,
  shimSelect,
  springCheck,
} from '../measure/valves'
import { calculator } from './calculator'
import { flag, list, num } from './fields'
import { opt } from './objectField'
import { aboveZero, fromZero } from './ranges'
import { lash, lashEnd, shim } from './sizes'

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
