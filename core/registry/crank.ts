import {
  bigEndCheck,
  bigEndFromShake,
  journalGrid,
  journalUndersize,
  mainPlay,
  plainClearance,
  runout,
} from '../measure/crank'
import { calculator } from './calculator'
import { flag, list } from './fields'
import { opt } from './objectField'
import { aboveZero, fromZero, rodMm, signed } from './ranges'
import { grid, journal } from './sizes'

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
