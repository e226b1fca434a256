import type { Mark } from '../judgement'
import type { FillMarks } from './fillMarks'
import type { OilState } from './oilSeverity'
import { oilSeverity } from './oilSeverity'

export const OIL_STATE_WORDS: Record<OilState, string> = {
  dangerously_low: 'dangerously low',
  very_low: 'very low',
  low: 'low',
  ok_low: 'in the lower quarter',
  ok: 'between the marks',
  slightly_over: 'slightly over',
  over: 'over full',
  dangerously_over: 'far over full',
}

export const OIL_STATE_MARKS: Record<OilState, Mark> = {
  dangerously_low: 'past',
  very_low: 'past',
  low: 'near',
  ok_low: 'good',
  ok: 'good',
  slightly_over: 'near',
  over: 'near',
  dangerously_over: 'past',
}

/** Right, or so little over that nothing comes of it. */
export const isInside = (state: OilState | null): boolean =>
  state === 'ok' || state === 'ok_low' || state === 'slightly_over'

/** How a volume stands between the marks of this engine, whatever door the oil came in by. */
export const stateOfVolume = (volumeMl: number, { lowMl, fullMl, capacityMl }: FillMarks): OilState =>
  oilSeverity({ volumeMl, minMl: lowMl, maxMl: fullMl, capacityMl }).state

/** A fill that holds more than it should, by how much of it; empty where it does not. */
export function overWords(volumeMl: number, capacityMl: number): string {
  const over = 100 * (volumeMl / capacityMl - 1)
  return over > 0.05 ? `, ${Number(over.toFixed(1))} % over` : ''
}
