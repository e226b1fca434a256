import type { Room } from '../room'

export const room: Room<'spend'> = {
  name: 'spend',
  stage: null,
  acts: ({ body }) => (body.startedAt !== null && body.endedAt === null && body.minutes === null ? ['spend'] : []),
}
