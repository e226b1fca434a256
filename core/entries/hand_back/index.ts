import type { Room } from '../room'

export const room: Room<'hand_back'> = {
  name: 'hand back',
  stage: 'hand_back',
  shows: true,
}
