import type { Room } from '../room'

export const room: Room<'void'> = {
  name: 'undone',
  stage: null,
}
