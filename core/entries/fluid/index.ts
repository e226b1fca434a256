import type { Room } from '../room'

export const room: Room<'fluid'> = {
  name: 'oil let out or put in',
  stage: 'first_look',
  answers: ['fuel'],
  // letting oil or fuel out means tipping it, or a spark near what runs out
  handsIn: ({ body }) => body.action === 'drained',
  deeds: ({ body }) => [{ did: body.action, subject: 'oil' }],
  acts: ({ body }) => (body.action === 'filled' ? ['refill'] : ['tip']),
}
