import type { Room } from '../room'
import { judgeValveLeak } from './judge'

export const room: Room<'valve_leak'> = {
  name: 'valve leak',
  stage: 'measure',
  finding: true,
  handsIn: () => true,
  all: true,
  place: entry => `${entry.body.valve} ${entry.body.place ?? ''}`,
  judge: judgeValveLeak,
}
