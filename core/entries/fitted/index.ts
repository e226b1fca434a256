import { schoolOf, schoolWords } from '../../engine/schools'
import type { Room } from '../room'
import { namesOil } from './namesOil'
import type { FittedBody } from './schema'

/** Whether oil went in: chosen, or picked; entries from before anybody was asked are read by their name. */
const isOil = ({ is, parts, what }: FittedBody): boolean =>
  is === 'oil' || (parts?.includes('oil') ?? false) || (is === undefined && !parts?.length && namesOil(what))

const ofFilter = ({ parts = [], what }: FittedBody): boolean => parts.includes('oil_filter') || /filter/i.test(what)

export const room: Room<'fitted'> = {
  name: 'fitted',
  stage: 'build',
  deeds: ({ body }) => [
    ...(body.parts ?? []).filter(subject => subject !== 'oil').map(subject => ({ did: 'renewed' as const, subject })),
    ...(isOil(body) ? [{ did: 'filled' as const, subject: 'oil' }] : []),
  ],
  owes: ({ body }, _inForce, policy) =>
    body.lookedInto === false && ofFilter(body) && schoolOf(policy, 'filters') === 'inspect'
      ? [
          {
            text: `${body.what}: fitted, and nobody looked into it first. ${schoolWords(policy, 'filters')}`,
            must: false,
          },
        ]
      : [],
  acts: ({ body }) => (isOil(body) ? ['refill', 'fit'] : ['fit']),
}
