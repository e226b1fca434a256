import { keptOf } from '../kept'
import type { Room } from '../room'
import { judgeValveLeak } from './judge'

export const room: Room<'valve_leak'> = {
  name: 'valve leak',
  stage: 'measure',
  finding: true,
  handsIn: () => true,
  // a valve's leak is tested as found before anything is done to it
  refuse: ({ body, supersedes }, { inForce }) =>
    body.when !== 'after' ||
    keptOf(inForce).valve_leak.some(
      e => e.body.when === 'as_found' && e.body.valve === body.valve && e.id !== supersedes,
    )
      ? null
      : {
          message: 'Test this valve as found first: once it is lapped or cut, nobody can know what it was.',
          field: 'body.when',
          hint: 'Log it as found first.',
        },
  all: true,
  place: entry => `${entry.body.valve} ${entry.body.place ?? ''}`,
  judge: judgeValveLeak,
}
