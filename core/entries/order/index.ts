import type { Room } from '../room'

export const room: Room<'order'> = {
  name: 'order',
  right: 'order',
  stage: null,
  acts: ({ body }) => (body.state === 'ordered' ? ['spend'] : []),
}
