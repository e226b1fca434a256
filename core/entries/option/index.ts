import type { Room } from '../room'

export const room: Room<'option'> = {
  name: 'way to go',
  stage: 'decide',
}
