import type { Room } from '../room'

export const room: Room<'fasteners'> = {
  name: 'fasteners',
  stage: 'open_up',
  handsIn: () => true,
  hazards: ({ body }) =>
    body.back !== null && body.back < body.out
      ? [
          {
            hazard: 'fastener',
            subject: `cover:${body.cover.trim().toLowerCase()}`,
            why: `${body.cover}: ${body.out} out, only ${body.back} back.`,
          },
        ]
      : [],
  deeds: ({ body }) =>
    body.back !== null && body.back >= body.out
      ? [{ did: 'set', subject: `cover:${body.cover.trim().toLowerCase()}` }]
      : [],
  acts: ({ body }) => (body.back === null ? [] : ['build']),
}
