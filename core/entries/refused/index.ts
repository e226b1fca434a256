import type { Room } from '../room'

export const room: Room<'refused'> = {
  name: 'refused',
  right: 'ask',
  stage: 'hand_back',
}
