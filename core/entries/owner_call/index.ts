import type { Room } from '../room'

export const room: Room<'owner_call'> = {
  name: 'call',
  right: 'ask',
  stage: null,
}
