import type { Room } from '../room'
import { judgePlug } from './judge'

export const room: Room<'plug'> = {
  name: 'plug',
  stage: 'first_look',
  asked: () => 'asked',
  finding: true,
  place: ({ body }) => String(body.ofCylinder ?? ''),
  judge: judgePlug,
}
