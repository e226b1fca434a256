import type { Room } from '../room'

export const room: Room<'approval'> = {
  name: 'agreement',
  right: 'ask',
  stage: 'decide',
  shows: true,
}
