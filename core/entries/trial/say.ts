import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { TrialBody } from './schema'

/** One line of the log. */
export function say({ minutes, why, second, shown }: TrialBody): Said {
  return {
    title: 'Trial',
    text: withNote(`${minutes} min, to see: ${why}; shield, distance, nobody near, no load, with ${second}`, shown),
  }
}
