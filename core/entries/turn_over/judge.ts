import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { TURN_FEELS } from '../../words/looks'
import type { Logged } from '../../log/entry'
import type { TurnOverBody } from './schema'

const MEANING: Record<keyof typeof TURN_FEELS, { mark: Mark; details: string[] }> = {
  normal: { mark: 'good', details: ['A normal bump. It says little about wear: take a gauge reading.'] },
  weak: { mark: 'open', details: ['Weak by feel can be a release at work, a valve, or rings: take a gauge reading.'] },
  hard: {
    mark: 'near',
    details: [
      'Stops hard at compression: a release that does not lift, lash too wide for it to lift, or a spark that comes early. Mind your fingers.',
    ],
  },
  free: {
    mark: 'past',
    details: [
      'Spins free: broken rod, a valve held open, a hole, a gasket, or a belt or chain off. See whether the piston and both valves move.',
    ],
  },
  tight_spot: {
    mark: 'near',
    details: ['A tight spot once a turn: bent crank, scored bore, bearing, or something rubbing.'],
  },
  locked: {
    mark: 'past',
    details: [
      "Locked: liquid, starter gear, the driven machine, rod on the crank pin, or piston in the bore. Belt or blade free first. Don't force it.",
    ],
  },
}

/** How the engine turned by hand. */
export function judgeTurnOver(entry: Logged<TurnOverBody>, file: JobFile): Judgement {
  const { feel, plugIn } = entry.body
  const { mark, details } = MEANING[feel]
  const locked = feel === 'locked'
  const released =
    feel === 'weak' && file.facts.release === 'automatic'
      ? ['This engine has an automatic release: weak by hand is expected.']
      : []
  return {
    entryId: entry.id,
    mark,
    headline: `Turns over: ${TURN_FEELS[feel].toLowerCase()}${locked ? (plugIn ? ', plug in' : ', plug out') : ''}`,
    details: [...details, ...released],
  }
}
