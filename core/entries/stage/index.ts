import type { Room } from '../room'

export const room: Room<'stage'> = {
  name: 'stage',
  stage: null,
}
