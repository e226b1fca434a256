import type { Room } from '../room'
import { judgeOilUse } from './judge'

export const room: Room<'oil_use'> = {
  name: 'oil use',
  stage: 'first_look',
  finding: true,
  judge: judgeOilUse,
}
