import type { Room } from '../room'
import { judgePlug } from './judge'
import { signs } from './signs'

export const room: Room<'plug'> = {
  name: 'plug',
  stage: 'first_look',
  asked: () => 'asked',
  finding: true,
  judge: judgePlug,
  signs,
}
