import type { Room } from '../room'

export const room: Room<'approval'> = {
  name: 'agreement',
  stage: 'decide',
  shows: true,
}
