import type { Room } from '../room'

export const room: Room<'cure'> = {
  name: 'cure',
  stage: 'first_look',
  answers: ['fuel'],
  deeds: ({ body }) => [
    { did: 'repaired', subject: body.path === 'blow_by' ? 'blow_by' : 'fuel_path' },
    ...(body.path === 'blow_by' ? [{ did: 'repaired' as const, subject: 'fuel_path' }] : []),
  ],
}
