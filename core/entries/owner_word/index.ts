import type { Room } from '../room'

export const room: Room<'owner_word'> = {
  name: "owner's word",
  right: 'ask',
  stage: null,
}
