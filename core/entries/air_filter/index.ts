import type { Room } from '../room'
import { judgeAirFilter } from './judge'

export const room: Room<'air_filter'> = {
  name: 'air filter',
  stage: 'first_look',
  finding: true,
  judge: judgeAirFilter,
  facts: ({ body }) => [
    {
      subject: 'air_filter',
      property: 'filter',
      mark: body.filter === 'missing' ? 'past' : body.filter === 'sound' ? 'good' : 'near',
      whose: 'looked',
      value: `filter ${body.filter}`,
    },
  ],
  hazards: ({ body }) =>
    body.filter === 'missing'
      ? [
          {
            hazard: 'filter_off',
            subject: 'air_filter',
            why: 'The air filter is not there: what it sucks in grinds bore and rings.',
          },
        ]
      : [],
}
