import type { Room } from '../room'

export const room: Room<'refused'> = {
  name: 'refused',
  stage: 'hand_back',
}
