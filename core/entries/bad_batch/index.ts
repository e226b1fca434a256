import type { Room } from '../room'

export const room: Room<'bad_batch'> = {
  name: 'bad batch',
  stage: 'open_up',
}
