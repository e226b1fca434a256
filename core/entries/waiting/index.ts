import type { Room } from '../room'

export const room: Room<'waiting'> = {
  name: 'waiting',
  right: 'ask',
  stage: null,
}
