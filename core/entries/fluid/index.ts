import type { Room } from '../room'

export const room: Room<'fluid'> = {
  name: 'oil let out or put in',
  stage: 'first_look',
  deeds: ({ body }) => [{ did: body.action, subject: 'oil' }],
  acts: ({ body }) => (body.action === 'filled' ? ['refill'] : ['tip']),
}
