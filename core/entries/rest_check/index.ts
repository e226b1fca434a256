import type { Room } from '../room'
import { REST_ITEMS } from '../../words/deciding'
import { REST_KEYS, judgeRest } from './judge'

export const room: Room<'rest_check'> = {
  name: 'the rest of the machine',
  stage: null,
  finding: true,
  judge: judgeRest,
  facts: ({ body }) => [
    ...REST_KEYS.map(key => ({
      subject: `rest:${key}`,
      property: 'worth',
      mark: ({ good: 'good', worn: 'near', bad: 'past', not_looked: 'open' } as const)[body[key]],
      whose: 'looked' as const,
      value: REST_ITEMS[key].toLowerCase(),
    })),
    {
      subject: 'brakes',
      property: 'works',
      mark: body.brakes === 'bad' ? 'past' : body.brakes === 'good' ? 'good' : 'open',
      whose: 'looked',
      value: `brakes ${body.brakes}`,
    },
  ],
  hazards: ({ body }) =>
    body.brakes === 'bad' ? [{ hazard: 'controls', subject: 'brakes', why: 'Brakes or guards are bad.' }] : [],
}
