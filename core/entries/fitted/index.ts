import type { Room } from '../room'
import { namesOil } from './namesOil'
import type { FittedBody } from './schema'

/** Whether oil went in: chosen, or picked; entries from before anybody was asked are read by their name. */
const isOil = ({ is, parts, what }: FittedBody): boolean =>
  is === 'oil' || (parts?.includes('oil') ?? false) || (is === undefined && !parts?.length && namesOil(what))

export const room: Room<'fitted'> = {
  name: 'fitted',
  stage: 'build',
  deeds: ({ body }) => [
    ...(body.parts ?? []).filter(subject => subject !== 'oil').map(subject => ({ did: 'renewed' as const, subject })),
    ...(isOil(body) ? [{ did: 'filled' as const, subject: 'oil' }] : []),
  ],
  acts: ({ body }) => (isOil(body) ? ['refill', 'fit'] : ['fit']),
}
