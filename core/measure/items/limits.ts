import type { EngineFacts } from '../../engine/facts'
import type { EngineClass } from '../../engine/words'
import type { Limits } from '../measurePlan'

export const first = (reads: number[]): number => reads[0] ?? 0

export const most = (upper: number) => (): Limits => ({ lower: null, upper })

export const none = (): Limits => ({ lower: null, upper: null })

export const any = (): boolean => true

export const four = (f: EngineFacts): boolean => f.cycle === 'four'

export const two = (f: EngineFacts): boolean => f.cycle === 'two'

export const pumped = (f: EngineFacts): boolean =>
  f.oiling.startsWith('pump') || f.oiling === 'pump_dry' || f.oiling === 'unknown'

export const RUNOUT: Record<EngineClass, number> = { H2: 0.04, V2: 0.05, S4: 0.05, M4: 0.05, T4: 0.05, D4: 0.05 }

export const SQUISH: Record<EngineClass, number | null> = { H2: 0.5, V2: 0.8, S4: 1.0, M4: 0.8, T4: null, D4: null }

export const PLAIN_SHARE = 0.0025

export const shells = (f: EngineFacts): boolean => f.bearings === 'plain_shells' || f.bearings === 'unknown'

export const plainRod = (f: EngineFacts): boolean => f.bearings !== 'rolling'

export const gap = ([outer = 0, inner = 0]: number[]): number => outer - inner

/** Cold lash by class, mm: inlet, exhaust. Rule of thumb, general workshop-manual practice. */
export const LASH_THUMB = {
  inlet: { S4: [0.1, 0.15], M4: [0.08, 0.17] },
  exhaust: { S4: [0.15, 0.25], M4: [0.17, 0.3] },
} as const

export const lashThumb =
  (valve: 'inlet' | 'exhaust') =>
  ({ engineClass: c }: EngineFacts): Limits =>
    c === 'S4' || c === 'M4' ? { lower: LASH_THUMB[valve][c][0], upper: LASH_THUMB[valve][c][1] } : none()

export const ringShare = (f: EngineFacts): number =>
  f.cycle === 'two' ? 0.007 : f.cooling === 'liquid' ? 0.006 : 0.007

/** A ring's end gap as a share of the bore: less than the least butts when it is hot. Rule of thumb, general engine-machining practice. */
export const gapThumb = (_: EngineFacts, boreMm: number | null): Limits =>
  boreMm === null ? none() : { lower: 0.002 * boreMm, upper: 0.012 * boreMm }
