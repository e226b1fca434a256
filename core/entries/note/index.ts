import type { Room } from '../room'

export const room: Room<'note'> = {
  name: 'note',
  stage: ({ body }) => body.stage,
}
