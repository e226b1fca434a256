import { convert } from '../../units/unitConvert'
import type { StandTestBody } from './schema'

export type StandState = 'running' | 'passed' | 'too_short' | 'leaked'

const MS_PER_HOUR = 3_600_000

/** Hours that a test lasted; null while it runs. */
export const standHours = ({ startedAt, endedAt }: StandTestBody): number | null =>
  endedAt === null ? null : (Date.parse(endedAt) - Date.parse(startedAt)) / MS_PER_HOUR

/** Long enough and dry is a pass; any liquid is a fail whatever the time. */
export function judgeStand(test: StandTestBody): StandState {
  const { seen, minimumHours } = test
  if (seen === 'liquid' || seen === 'damp') return 'leaked'
  const hours = standHours(test)
  if (hours === null) return 'running'
  return hours >= minimumHours - 1e-9 ? 'passed' : 'too_short'
}

/** How fast it ran, mL an hour; null where nothing was caught, or the test still runs. */
export function leakRate(test: StandTestBody): number | null {
  const hours = standHours(test)
  if (!test.caught || test.caught.value <= 0 || hours === null || hours <= 0) return null
  return convert(test.caught.value, test.caught.unit, 'mL') / hours
}
