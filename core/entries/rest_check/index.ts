import type { Room } from '../room'
import { judgeRest } from './judge'

export const room: Room<'rest_check'> = {
  name: 'the rest of the machine',
  stage: null,
  finding: true,
  judge: judgeRest,
  facts: ({ body }) => [
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
