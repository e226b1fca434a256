import type { Room } from '../room'

export const room: Room<'watch'> = {
  name: 'look again',
  stage: 'hand_back',
  all: true,
}
