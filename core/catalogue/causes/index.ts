import type { Cause } from '../types'
import { AIR } from './air'
import { BOTTOM } from './bottom'
import { COOLING } from './cooling'
import { DRIVE } from './drive'
import { FUEL } from './fuel'
import { IGNITION } from './ignition'
import { LEAK } from './leak'
import { OIL } from './oil'
import { STARTING } from './starting'
import { TOP } from './top'
import { USE } from './use'

/** What can be wrong, a file for each part of the engine. */
export const CAUSES: readonly Cause[] = [
  ...FUEL,
  ...IGNITION,
  ...AIR,
  ...TOP,
  ...BOTTOM,
  ...OIL,
  ...LEAK,
  ...COOLING,
  ...STARTING,
  ...DRIVE,
  ...USE,
]
