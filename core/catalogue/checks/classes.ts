import type { EngineClass } from '../../engine/words'

/** Engines that are lit by a spark. */
export const PETROL: EngineClass[] = ['H2', 'V2', 'S4', 'M4', 'T4']
/** Engines whose chamber is larger than a little oil: a smaller one is locked by it. */
export const NOT_HAND_HELD: EngineClass[] = ['V2', 'S4', 'M4', 'T4', 'D4']
