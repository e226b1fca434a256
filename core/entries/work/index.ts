import type { Room } from '../room'

export const room: Room<'work'> = {
  name: 'work',
  stage: 'build',
  deeds: ({ body }) => body.parts.map(subject => ({ did: body.did, subject, answers: body.answers })),
}
