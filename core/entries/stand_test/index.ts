import type { Room } from '../room'
import { judgeStand } from './judge'

export const room: Room<'stand_test'> = {
  name: 'stand test',
  stage: 'first_look',
  facts: ({ body }) => {
    const state = judgeStand(body)
    return state === 'running' || state === 'too_short'
      ? []
      : [
          {
            subject: 'fuel_path',
            property: 'dry',
            mark: state === 'passed' ? 'good' : 'past',
            whose: 'shop',
            value: `stand test ${state}`,
          },
        ]
  },
}
