import type { EngineFacts } from '../engine/facts'
import type { SpecItem } from '../spec/specItems'
import type { Advice, ChoiceContext } from './choices'
import type { Tool } from './tools'

export interface Limits {
  lower: number | null
  upper: number | null
}

/** The two places of a part that an engine has twice. */
export const SIDES = {
  valve: ['inlet', 'exhaust'],
  main: ['drive side', 'flywheel side'],
} as const

export interface MeasurePlan {
  label: string
  /** what is read, in order; all in length units */
  reads: readonly string[]
  tool: Tool
  /** unit of the figure that is judged */
  unit: 'mm' | 'deg'
  /** figure judged, from the readings in mm */
  figure(reads: number[]): number
  /** a clearance between two parts that run in each other: none, or less than none, is never right */
  fit?: true
  /** the sheet's items that limit it */
  least?: SpecItem
  most?: SpecItem
  /** a figure of the sheet with no band of its own: this far about it still is right, mm. Shop judgement */
  nominal?: { item: SpecItem; within: number }
  /** a dial shows the whole swing, or somebody halved it: which one is asked */
  swing?: true
  /** a ring whose shape by design says that its clearance is not read so */
  shaped?: true
  /** the sheet's item that limits how far the readings may lie apart */
  apart?: SpecItem
  /** class figure where the sheet says nothing; null where there is no honest one. Rule of thumb */
  thumb(facts: EngineFacts, boreMm: number | null, reads?: number[]): Limits
  /** from here on it is used, not new; still allowed. Same unit */
  newTo?(facts: EngineFacts, boreMm: number | null): number | null
  fits(facts: EngineFacts): boolean
  /** it sits at either of two places, and which one is asked */
  at?: keyof typeof SIDES
  /** sizes that are sold or at hand are asked for, and one of them is chosen */
  sold?: string
  advise?(reads: number[], soldMm: number[], context: ChoiceContext): Advice
  /** readings that cannot belong together */
  fault?(reads: number[]): { at: number; message: string } | null
  past: string
}
