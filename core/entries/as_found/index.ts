import type { Room } from '../room'

export const room: Room<'as_found'> = {
  name: 'as found',
  stage: 'open_up',
}
