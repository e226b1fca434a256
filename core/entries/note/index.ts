import type { Room } from '../room'

export const room: Room<'note'> = {
  name: 'note',
  right: 'hear',
  stage: ({ body }) => body.stage,
}
