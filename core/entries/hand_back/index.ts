import type { Room } from '../room'
import { handBackRefusal } from './refuse'
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
    return message === null ? null : { message }
  },
}
