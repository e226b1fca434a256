import type { Room } from '../room'
import { handBackRefusal, nothingDone } from './refuse'
import { revivedRefusal } from './revived'

export const room: Room<'hand_back'> = {
  name: 'hand back',
  right: 'hear',
  stage: 'hand_back',
  shows: true,
  refuse({ body, supersedes }, { stops, owed, inForce, policy }) {
    // words of a hand-back that happened are put right at any time
    const message =
      supersedes === null
        ? (handBackRefusal(stops, body.way, owed) ?? (body.way === 'mended' ? revivedRefusal(inForce, policy) : null))
        : null
    if (message !== null) return { message }
    // asked, not forbidden: a machine may go as it came, and then it is said
    return supersedes === null && body.way === 'mended' && !body.words && nothingDone(inForce)
      ? {
          message: 'Mended, and nothing is logged as done: log it on Build, or say in words that nothing was done.',
          field: 'body.words',
          hint: 'Say that nothing was done, or log what was.',
        }
      : null
  },
}
