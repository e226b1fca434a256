import type { Room } from '../room'
import { namesOil } from './namesOil'

export const room: Room<'fitted'> = {
  name: 'fitted',
  stage: 'build',
  deeds: ({ body }) => [
    ...(body.parts ?? []).map(subject => ({
      did: subject === 'oil' ? ('filled' as const) : ('renewed' as const),
      subject,
    })),
    ...(!body.parts?.length && namesOil(body.what) ? [{ did: 'filled' as const, subject: 'oil' }] : []),
  ],
  acts: ({ body }) => (body.parts?.includes('oil') || (!body.parts?.length && namesOil(body.what)) ? ['refill'] : []),
}
