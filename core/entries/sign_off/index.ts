import type { Room } from '../room'

export const room: Room<'sign_off'> = {
  name: 'signature',
  stage: 'narrow_down',
}
