import type { Room } from '../room'
import { judgeSmoke } from './judge'

export const room: Room<'smoke'> = {
  name: 'smoke',
  stage: 'first_look',
  finding: true,
  judge: judgeSmoke,
}
