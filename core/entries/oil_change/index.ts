import type { Room } from '../room'
import { judgeOilChange } from './judge'

export const room: Room<'oil_change'> = {
  name: 'oil change',
  stage: 'build',
  judge: judgeOilChange,
  deeds: () => [
    { did: 'drained', subject: 'oil' },
    { did: 'filled', subject: 'oil' },
  ],
  acts: () => ['refill'],
}
