import type { Room } from '../room'

export const room: Room<'theory'> = {
  name: 'theory',
  stage: 'narrow_down',
}
