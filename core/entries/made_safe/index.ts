import type { Room } from '../room'

export const room: Room<'made_safe'> = {
  name: 'made safe',
  stage: 'first_look',
}
