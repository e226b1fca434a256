import type { Judgement, Mark } from '../../judgement'
import { liquidLeak } from '../../measure/valves'
import type { Logged } from '../../log/entry'
import type { ValveLeakBody } from './schema'

const MARKS: readonly Mark[] = ['good', 'good', 'near', 'past', 'past']

const ACTIONS = {
  none: 'Tight enough: nothing to do.',
  lap: 'Lap it, and test again.',
  recut: "Cut the seat, look at the valve's edge, and test again.",
} as const

/** Solvent in the port for a minute, valve under its spring; as found first, and again after each change. */
export function judgeValveLeak(entry: Logged<ValveLeakBody>): Judgement {
  const { valve, when, dropsPerMin, look } = entry.body
  const { score, action } = liquidLeak({
    dropsPerMin: dropsPerMin ?? 0,
    damp: look === 'damp',
    stream: look === 'stream',
  })
  const words =
    look === 'stream' ? 'a stream' : dropsPerMin ? `${dropsPerMin} drops a minute` : look === 'damp' ? 'damp' : 'dry'
  const details = [
    ACTIONS[action],
    when === 'as_found' ? 'As found: before lash, rocker or seat was touched.' : 'After work.',
  ]
  if (score >= 2 && when === 'as_found')
    details.push(
      'A valve held open leaks too: set its lash and free its rocker, then test again before the seat is blamed.',
    )
  return {
    entryId: entry.id,
    mark: MARKS[score] ?? 'open',
    headline: `${valve === 'inlet' ? 'Inlet' : 'Exhaust'} valve ${when === 'as_found' ? 'as found' : 'after work'}: ${words}`,
    details,
  }
}
