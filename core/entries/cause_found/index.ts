import type { Room } from '../room'

export const room: Room<'cause_found'> = {
  name: 'first cause',
  stage: 'hand_back',
}
