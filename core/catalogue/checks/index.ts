import type { Check } from '../types'
import { ENGINE } from './engine'
import { FIRST } from './first'
import { FUEL } from './fuel'
import { MACHINE } from './machine'
import { SPARK } from './spark'

/** Everything that can be looked at, a file for each way of looking. Minutes are those of a practised hand. */
export const CHECKS: readonly Check[] = [...FIRST, ...SPARK, ...FUEL, ...ENGINE, ...MACHINE]
