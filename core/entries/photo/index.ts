import type { Room } from '../room'

export const room: Room<'photo'> = {
  name: 'photo',
  right: 'hear',
  stage: null,
}
