import type { Room } from '../room'

export const room: Room<'outwork'> = {
  name: 'outwork',
  right: 'order',
  stage: null,
}
